import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { HandoutRequest, HandoutTerms } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { isSame, useGroups } from '../session/groups';
import { useAct } from '../ui/useAct';
import { today } from '../ui/days';
import { DayField } from '../ui/DayField';
import { ChoiceRow } from '../ui/ChoiceRow';
import { useNotice } from '../ui/useNotice';
import { KINDS } from './told';
import { AskDialog } from '../ui/AskDialog';
import { LOCALE, t } from '../words';

/** The sums that are handed out. */
export type HandoutSource = Pick<HandoutRequest, 'title' | 'set' | 'version' | 'sums'>;

const FAR_MS = 183 * 24 * 3600 * 1000;

/** Whether a day is so far from today that it may be mistyped. */
const isFar = (day: string) => Math.abs(new Date(day).getTime() - Date.now()) > FAR_MS;

/** Gives a set to the class, or to a part of it. */
export default function HandoutDialog({
  source,
  onClose,
}: {
  source: HandoutSource;
  onClose: () => void;
}) {
  const room = useCurrentClass();
  const { data: roll } = useQuery({ queryKey: ['roll', room?.id], queryFn: api.roll });
  const there = roll?.filter(({ left }) => !left) ?? [];
  const [kind, setKind] = useState<NonNullable<HandoutTerms['kind']>>('EXERCISE');
  const [givenOn, setGivenOn] = useState(today);
  const [dueOn, setDueOn] = useState('');
  const [mark, setMark] = useState('');
  const { groups } = useGroups();
  const own = groups.find(({ set }) => set !== undefined && set === source.set);
  const [questioned, setQuestioned] = useState('');
  const asks = questioned === givenOn && isFar(givenOn);
  const [chosen, setChosen] = useState<number[] | null>(null);
  const all = there.map(({ id }) => id);
  // A set that was made for a group goes to it, unless other pupils are chosen.
  const pupils = (chosen ?? own?.pupils ?? all).filter((id) => all.includes(id));
  const isAll = pupils.length === all.length;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const notice = useNotice();
  const marked = kind === 'QUIZ' || kind === 'TEST';
  const give = useAct({
    mutationFn: () =>
      api.giveHandout({
        ...source,
        terms: {
          kind,
          givenOn,
          dueOn: kind === 'HOMEWORK' && dueOn !== '' ? dueOn : undefined,
          passMark: marked && mark !== '' ? Number(mark) : undefined,
        },
        pupils: isAll ? undefined : pupils,
      }),
    onSuccess: (grid) => {
      queries.setQueryData(['handout', grid.id], grid);
      void queries.invalidateQueries({ queryKey: ['handouts'] });
      notice({ text: t('marking.handed-out', { pupils: grid.pupils.length }) });
    },
    goOn: ({ id }) => navigate(`/marking/${id}`),
  });
  return (
    <AskDialog
      title={t('marking.hand-out-to', {
        title: source.title,
        room: room?.name ?? t('common.the-class'),
      })}
      trouble={give.error}
      does={{
        label: asks ? t('marking.hand-out-on-that-day') : t('common.hand-out'),
        isOff: pupils.length === 0 || give.isPending,
        run: () =>
          isFar(givenOn) && questioned !== givenOn ? setQuestioned(givenOn) : give.mutate(),
      }}
      onClose={onClose}
    >
      {roll && there.length === 0 && (
        <Box role="alert" sx={{ mb: 2 }}>
          {t('marking.there-is-nobody-in-this')}
        </Box>
      )}
      <ChoiceRow label={t('marking.as')} value={kind} names={KINDS} onChoose={setKind} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, my: 2 }}>
        <DayField label={t('marking.given-on')} value={givenOn} onChange={setGivenOn} />
        {kind === 'HOMEWORK' && (
          <DayField label={t('marking.due-on')} value={dueOn} onChange={setDueOn} />
        )}
        {marked && (
          <TextField
            label={t('common.pass-mark-sums-right')}
            value={mark}
            onChange={(event) => setMark(event.target.value.replaceAll(/\D/g, ''))}
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          />
        )}
      </Box>
      {there.length > 0 && (
        <Box role="group" aria-label={t('common.pupils')}>
          <Box sx={{ mb: 0.75 }}>
            {isAll && t('marking.to-all-pupils', { pupils: all.length })}
            {!isAll &&
              (pupils.length === 0
                ? t('marking.to-nobody-yet')
                : t('marking.to-of-pupils', { there: pupils.length, pupils: all.length }))}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mb: 1 }}>
            <Button size="small" variant="outlined" onClick={() => setChosen(all)}>
              {t('marking.all-of-them')}
            </Button>
            <Button size="small" variant="outlined" onClick={() => setChosen([])}>
              {t('common.none')}
            </Button>
            {groups.map((group) => (
              <Button
                key={group.id}
                size="small"
                variant="outlined"
                aria-pressed={isSame(group.pupils, pupils)}
                onClick={() => setChosen(group.pupils)}
              >
                {group.name} ({group.pupils.length})
              </Button>
            ))}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
            {there.map(({ id, name }) => (
              <Button
                key={id}
                size="small"
                aria-pressed={pupils.includes(id)}
                onClick={() =>
                  setChosen(
                    pupils.includes(id) ? pupils.filter((each) => each !== id) : [...pupils, id],
                  )
                }
              >
                {name}
              </Button>
            ))}
          </Box>
        </Box>
      )}
      {asks && (
        <Box role="alert" sx={{ mt: 1.5, p: 1, bgcolor: 'ink.slipPage' }}>
          {t('marking.day-far-away', { day: new Date(givenOn).toLocaleDateString(LOCALE) })}
        </Box>
      )}
    </AskDialog>
  );
}
