import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Room, RoomWork, SetSum } from '../api/types';
import { useDesk } from '../session/deskContext';
import { useLadder } from '../session/ladder';
import { useGroups } from '../session/groups';
import { ChoiceRow } from '../ui/ChoiceRow';
import { useAct } from '../ui/useAct';
import { useDraft } from '../ui/useDraft';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

const ALL = 'all';

/** How many sums of a rung are given out: few, or more than a lesson holds. */
const COUNTS = { '5': '5', '10': '10', '20': '20' };

const asAsked = ({ plain, method, rung }: SetSum) => ({ plain, method, rung });

/** Gives out the next work, and chooses its pupils. */
export function GiveDialog({
  onClose,
  onGiven,
}: {
  onClose: () => void;
  onGiven: (room: Room) => void;
}) {
  const { working } = useDesk();
  const [what, setWhat] = useState<'sum' | 'set' | 'rung'>('sum');
  const [line, setLine] = useDraft('room sum', working?.problem ?? '');
  const [set, setSet] = useState<number | ''>('');
  const [rungId, setRungId] = useState('');
  const [count, setCount] = useState<keyof typeof COUNTS>('10');
  const { rungs } = useLadder();
  const rung = rungs?.find(({ id }) => id === rungId);
  const [whom, setWhom] = useState(ALL);
  const { groups } = useGroups();
  const { data: sets } = useQuery({ queryKey: ['sets', 'room'], queryFn: () => api.sets('') });
  const give = useAct({
    mutationFn: async () => {
      const pupils =
        whom === ALL ? undefined : groups.find(({ id }) => String(id) === whom)?.pupils;
      return api.giveOut({ ...(await work()), pupils });
    },
    onSuccess: onGiven,
  });
  const work = async (): Promise<RoomWork> => {
    if (what === 'rung' && rung) {
      const drawn = await api.draftSet({
        lines: [{ rung: rung.id, method: rung.method, count: Number(count) }],
      });
      return { title: rung.name, sums: drawn.sums.map(asAsked) };
    }
    if (what !== 'set' || set === '') {
      // The sum on the Desk is worked there as it stands there.
      return { sum: line === working?.problem ? working.sum : { plain: line } };
    }
    const opened = await api.set(set, 'A');
    return {
      title: opened.title,
      set,
      version: 'A',
      sums: opened.sums.map(asAsked),
    };
  };
  const isChosen = { sum: line.trim() !== '', set: set !== '', rung: rung !== undefined }[what];
  return (
    <AskDialog
      title={t('rooms.give-out')}
      does={{
        label: t('rooms.give-out-now'),
        isOff: give.isPending || !isChosen,
        run: give.mutate,
      }}
      onClose={onClose}
    >
      <ChoiceRow
        label={t('common.what')}
        value={what}
        names={{
          sum: t('rooms.one-sum'),
          set: t('rooms.a-set'),
          rung: t('rooms.a-rung'),
        }}
        onChoose={(chosen) => {
          setWhat(chosen);
          give.reset();
        }}
      />
      {what === 'rung' && (
        <>
          <TextField
            select
            fullWidth
            label={t('rooms.rung')}
            value={rung ? rungId : ''}
            onChange={(event) => {
              setRungId(event.target.value);
              give.reset();
            }}
            error={give.error !== null}
            helperText={give.error?.message}
            sx={{ mb: 2, mt: 0.5 }}
          >
            {(rungs ?? []).map(({ id, name, operationName }) => (
              <MenuItem key={id} value={id}>
                {operationName}: {name}
              </MenuItem>
            ))}
          </TextField>
          <ChoiceRow
            label={t('rooms.how-many-sums')}
            value={count}
            names={COUNTS}
            onChoose={setCount}
          />
        </>
      )}
      {what === 'sum' && (
        <TextField
          fullWidth
          autoFocus
          label={t('common.sum')}
          value={line}
          onChange={(event) => {
            setLine(event.target.value);
            give.reset();
          }}
          error={give.error !== null}
          helperText={give.error?.message}
          slotProps={{ htmlInput: { autoComplete: 'off' } }}
          sx={{ mb: 2, mt: 0.5 }}
        />
      )}
      {what === 'set' && (
        <TextField
          select
          fullWidth
          label={t('common.set')}
          value={set}
          onChange={(event) => {
            setSet(Number(event.target.value));
            give.reset();
          }}
          error={give.error !== null}
          helperText={
            give.error?.message ?? (sets?.entries.length === 0 ? t('rooms.no-set') : undefined)
          }
          sx={{ mb: 2, mt: 0.5 }}
        >
          {(sets?.entries ?? []).map(({ id, title }) => (
            <MenuItem key={id} value={id}>
              {title}
            </MenuItem>
          ))}
        </TextField>
      )}
      <ChoiceRow
        label={t('rooms.for')}
        value={whom}
        names={{
          [ALL]: t('rooms.all-pupils'),
          ...Object.fromEntries(groups.map(({ id, name }) => [String(id), name])),
        }}
        onChoose={setWhom}
      />
      <Box sx={{ color: 'text.secondary' }}>{t('rooms.what-is-not-done-stays')}</Box>
    </AskDialog>
  );
}
