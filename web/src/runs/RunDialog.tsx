import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { RunRequest, RunTerms } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useGroups } from '../session/groups';
import { WhoField } from '../session/WhoField';
import { useAct } from '../ui/useAct';
import { ChoiceRow } from '../ui/ChoiceRow';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { usualMark } from './told';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** The source of a run: the sums of a set, or a rung without an end. */
export type RunSource = Pick<RunRequest, 'title' | 'set' | 'version' | 'sums' | 'drawn'>;

/** Pass marks for two short looks and a long one. */
const MARKS = { 20: t('runs.quiz-20'), 40: t('runs.quiz-40'), 60: t('runs.exam-60') };
const MOST = 200;

/** How a run is to go, before it is begun. */
export default function RunDialog({ source, onClose }: { source: RunSource; onClose: () => void }) {
  const count = source.sums?.length ?? 0;
  const most = count > 0 ? count : MOST;
  const [who, setWho] = useDraft('writer');
  const [typed, setTyped] = useState(String(count > 0 ? usualMark(count) : 20));
  const [inARow, setInARow] = useState<'no' | 'yes'>('no');
  const [telling, setTelling] = useState<NonNullable<RunTerms['telling']>>('AFTER_EACH');
  const [settingOut, setSettingOut] = useState<NonNullable<RunTerms['settingOut']>>('GIVEN');
  const [withCheck, setWithCheck] = useState<'no' | 'yes'>('no');
  const navigate = useNavigate();
  const queries = useQueryClient();
  const notice = useNotice();
  const right = /^\d{1,3}$/.test(typed) ? Number(typed) : 0;
  const isMark = right >= 1 && right <= most;
  const { groups } = useGroups();
  const classId = useCurrentClass()?.id;
  const { data: roll } = useQuery({ queryKey: ['roll', classId], queryFn: api.roll });
  const [groupId, setGroupId] = useState<number>();
  const group = groups.find(({ id }) => id === groupId);
  const members = roll?.filter(({ id }) => group?.pupils.includes(id)) ?? [];
  /** Who has a run already, where not all could be begun at once. */
  const begun = useRef(new Set<number>());
  const begin = useAct({
    mutationFn: async () => {
      if (!group) {
        return beginFor(who);
      }
      for (const { id, name } of members.filter(({ id }) => !begun.current.has(id))) {
        await beginFor(name);
        begun.current.add(id);
      }
      return undefined;
    },
    onSuccess: (run) => {
      void queries.invalidateQueries({ queryKey: ['runs'] });
      if (run) {
        queries.setQueryData(['run', run.id], run);
      } else {
        notice({ text: t('runs.runs-begun', { runs: members.length }) });
      }
    },
    goOn: (run) => navigate(run ? `/slate/${run.current}` : '/slate'),
  });
  const beginFor = (writer: string) =>
    api.beginRun({
      ...source,
      who: writer,
      goal: { right, inARow: inARow === 'yes' },
      terms: { telling, settingOut, withCheck: withCheck === 'yes' },
    });
  return (
    <AskDialog
      title={t('runs.run', { title: source.title })}
      trouble={begin.error}
      does={{
        label: t('runs.begin-the-run'),
        isOff: !isMark || begin.isPending,
        run: () => isMark && begin.mutate(),
      }}
      onClose={onClose}
    >
      <Box sx={{ mb: 2, color: 'text.secondary' }}>
        {count > 0 ? t('runs.each-of-the-sums-comes', { count }) : t('runs.sums-of-this-rung-come')}
      </Box>
      <Box sx={{ mb: 2, mt: 1 }}>
        {!group && <WhoField value={who} onChange={setWho} />}
        {groups.length > 0 && (
          <Box
            role="group"
            aria-label={t('runs.a-run-for-each-of')}
            sx={{ mt: 1, display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}
          >
            <span>{t('runs.a-run-for-each-of')}</span>
            {groups.map(({ id, name, pupils }) => (
              <Button
                key={id}
                size="small"
                aria-pressed={id === groupId}
                onClick={() => setGroupId(id === groupId ? undefined : id)}
              >
                {name} ({pupils.length})
              </Button>
            ))}
          </Box>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 2 }}>
        <TextField
          label={t('common.pass-mark-sums-right')}
          value={typed}
          onChange={(event) => setTyped(event.target.value.trim())}
          error={!isMark}
          helperText={isMark ? undefined : t('runs.a-whole-number-from-1', { most })}
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          sx={{ width: 190 }}
        />
        {Object.entries(MARKS).map(([mark, name]) => (
          <Button
            key={mark}
            disabled={Number(mark) > most}
            aria-pressed={typed === mark}
            onClick={() => setTyped(mark)}
          >
            {name}
          </Button>
        ))}
      </Box>
      <ChoiceRow
        label={t('runs.they-are-counted')}
        value={inARow}
        names={{ no: t('runs.in-all'), yes: t('runs.in-a-row') }}
        onChoose={setInARow}
      />
      <ChoiceRow
        label={t('runs.the-judge-speaks')}
        value={telling}
        names={{
          AS_I_GO: t('runs.as-i-go'),
          AFTER_EACH: t('runs.after-each-sum'),
          AT_END: t('runs.at-the-end'),
        }}
        onChoose={setTelling}
      />
      <ChoiceRow
        label={t('runs.the-page-is')}
        value={settingOut}
        names={{ GIVEN: t('common.set-out-for-me'), OWN: t('common.i-set-it-out-myself') }}
        onChoose={setSettingOut}
      />
      <ChoiceRow
        label={t('runs.checks')}
        value={withCheck}
        names={{ no: t('common.none'), yes: t('runs.each-sum-with-its-check') }}
        onChoose={setWithCheck}
      />
    </AskDialog>
  );
}
