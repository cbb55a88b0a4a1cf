import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SetSum } from '../api/types';
import { minutes } from './sentence';
import { t } from '../words';

const MOST = 4;

/** The workload of a set, and the number facts that it uses most. */
export function WorkloadLine({ sums, actions }: { sums: SetSum[]; actions: ReactNode }) {
  const body = sums.map(({ plain, method, rung, part }) => ({ plain, method, rung, part }));
  const { data } = useQuery({
    queryKey: ['workload', ...sums.map(({ plain, method }) => `${plain} ${method}`)],
    queryFn: () => api.workload(body),
    enabled: sums.length > 0,
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  if (!data || sums.length === 0) {
    return <Box sx={{ minHeight: 40 }} />;
  }
  const most = data.uses.slice(0, MOST).map(({ fact, times }) => `${fact} (${times})`);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 40 }}>
      <Box sx={{ flex: '1 1 260px', fontSize: 'note', lineHeight: 1.35, color: 'text.secondary' }}>
        <Box>
          {t('sets.number-facts-figures-to-write', {
            facts: data.facts,
            figures: data.figures,
            time: minutes(data),
          })}
        </Box>
        {most.length > 0 && <Box>{t('sets.used-most', { facts: most.join(' · ') })}</Box>}
      </Box>
      {actions}
    </Box>
  );
}
