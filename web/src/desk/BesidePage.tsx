import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Working } from '../api/types';
import { SquaredPage } from '../paper/SquaredPage';
import { besideStep } from './beside';
import { t } from '../words';

/** The same sum by another method, stepped together with the one on the left. */
export function BesidePage({
  working,
  step,
  method,
}: {
  working: Working;
  step: number;
  method: string;
}) {
  const sum = { ...working.sum, method };
  const other = useQuery({
    queryKey: ['beside', sum],
    queryFn: () => api.work(sum),
    staleTime: Infinity,
  });
  if (other.isError) {
    return (
      <Box role="alert" sx={{ p: 3 }}>
        {other.error.message}
      </Box>
    );
  }
  if (!other.data) {
    return null;
  }
  const shown = Math.min(step, working.steps.length - 1);
  const at = besideStep(working.steps, shown, other.data.steps);
  const name = (of: Working) => of.methods.find(({ id }) => id === of.sum.method)?.name;
  const same = other.data.answer.text === working.answer.text;
  const finished = shown === working.steps.length - 1;
  return (
    <Box sx={{ height: '100%', display: 'grid', gridTemplateRows: 'minmax(0, 1fr) auto' }}>
      <SquaredPage
        label={t('desk.squared-paper', { method: name(other.data) })}
        layers={[{ paper: other.data.paper, step: at, fresh: true }]}
        focus={other.data.steps[at]?.focus}
      />
      <Box
        aria-live="polite"
        data-testid="beside-words"
        sx={{
          display: 'grid',
          gridTemplateColumns: '1fr 1fr',
          columnGap: 2.5,
          px: 2.5,
          py: 1.25,
          minHeight: 104,
          bgcolor: 'ink.now',
          borderTop: 4,
          borderColor: 'ink.nowEdge',
          fontSize: 'said',
          lineHeight: 1.3,
        }}
      >
        <Said name={name(working)} text={working.steps[shown]?.say} />
        <Said name={name(other.data)} text={other.data.steps[at]?.say} />
        {finished && (
          <Box sx={{ gridColumn: '1 / -1', fontWeight: 700, color: 'success.main' }}>
            {same
              ? t('desk.the-same-answer', { answer: working.answer.text })
              : t('desk.two-answers-and', {
                  first: working.answer.text,
                  second: other.data.answer.text,
                })}
          </Box>
        )}
      </Box>
    </Box>
  );
}

function Said({ name, text }: { name?: string; text?: string }) {
  return (
    <Box>
      <Box sx={{ fontSize: 'note', fontWeight: 700, color: 'ink.nowText' }}>{name}</Box>
      {text}
    </Box>
  );
}
