import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { AttemptRequest } from '../api/types';
import { useDesk } from '../session/deskContext';
import { WhoField } from '../session/WhoField';
import { useAct } from '../ui/useAct';
import { deferred } from '../ui/deferred';
import { useDraft } from '../ui/useDraft';
import { PAGE } from './WritingPage';
import { t } from '../words';

const PupilDialog = deferred(() => import('./PupilDialog'));

/** Begins a page: its sum, its writer and its settings; or shows a simulated pupil. */
export function BeginForm() {
  const desk = useDesk();
  const onDesk = desk.working?.problem ?? '';
  // A sum that is set out on the Desk meanwhile replaces the text that was typed here.
  const [line, setLine] = useDraft(`try ${onDesk}`, onDesk);
  const [method, setMethod] = useState<string | undefined>(desk.working?.sum.method);
  const [who, setWho] = useDraft('writer');
  const [settingOut, setSettingOut] = useState<AttemptRequest['settingOut']>('GIVEN');
  const [telling, setTelling] = useState<AttemptRequest['telling']>('AS_I_GO');
  const [watching, setWatching] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const asked = useDeferredValue(line);
  const sum = useQuery({
    queryKey: ['try', asked],
    queryFn: () => api.work({ plain: asked }),
    enabled: asked.trim() !== '',
    staleTime: Infinity,
  });
  const methods = (sum.data?.methods ?? []).filter(({ written }) => written);
  const chosen = methods.find(({ id }) => id === method)?.id ?? methods[0]?.id;
  const begin = useAct({
    mutationFn: () =>
      api.beginAttempt({ sum: { plain: line, method: chosen }, who, settingOut, telling }),
    onSuccess: (attempt) => {
      queries.setQueryData(['attempt', attempt.id], attempt);
      void queries.invalidateQueries({ queryKey: ['attempts'] });
    },
    goOn: ({ id }) => navigate(`/slate/${id}`),
  });
  const trouble = begin.error?.message ?? (line.trim() === '' ? undefined : sum.error?.message);
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        begin.mutate();
      }}
      sx={PAGE}
    >
      <Box component="h2" sx={{ m: 0, fontSize: 'head' }}>
        {t('slate.try-a-sum')}
      </Box>
      <TextField
        label={t('slate.sum-to-try')}
        value={line}
        onChange={(event) => {
          setLine(event.target.value);
          begin.reset();
        }}
        error={trouble !== undefined}
        helperText={trouble}
        slotProps={{ htmlInput: { autoComplete: 'off' } }}
      />
      {methods.length > 0 && (
        <Choice label={t('common.method')} value={chosen} onChoose={setMethod} of={methods} />
      )}
      <WhoField value={who} onChange={setWho} />
      <Choice
        label={t('slate.the-page')}
        value={settingOut}
        onChoose={(value) => setSettingOut(value as AttemptRequest['settingOut'])}
        of={[
          { id: 'GIVEN', name: t('common.set-out-for-me') },
          { id: 'OWN', name: t('common.i-set-it-out-myself') },
        ]}
      />
      <Choice
        label={t('slate.the-judge')}
        value={telling}
        onChoose={(value) => setTelling(value as AttemptRequest['telling'])}
        of={[
          { id: 'AS_I_GO', name: t('slate.tell-me-as-i-go') },
          { id: 'AT_END', name: t('slate.when-i-hand-in') },
        ]}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button type="submit" variant="contained" disabled={begin.isPending}>
          {t('slate.begin')}
        </Button>
        <Button disabled={!chosen} onClick={() => setWatching(true)}>
          {t('slate.watch-a-simulated-pupil')}
        </Button>
      </Box>
      {watching && chosen && (
        <PupilDialog sum={{ plain: line, method: chosen }} onClose={() => setWatching(false)} />
      )}
    </Box>
  );
}

function Choice({
  label,
  value,
  of,
  onChoose,
}: {
  label: string;
  value: string | undefined;
  of: { id: string; name: string }[];
  onChoose: (id: string) => void;
}) {
  return (
    <Box role="group" aria-label={label}>
      <Box sx={{ fontSize: 'note', color: 'text.secondary', mb: 0.5 }}>{label}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {of.map(({ id, name }) => (
          <Button key={id} aria-pressed={id === value} onClick={() => onChoose(id)}>
            {name}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
