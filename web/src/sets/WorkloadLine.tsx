import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SetSum } from '../api/types';
import { minutes } from './sentence';

const MOST = 6;

/** What a set asks for, and which number facts it uses most. */
export function WorkloadLine({ sums }: { sums: SetSum[] }) {
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
    <Box sx={{ minHeight: 40, fontSize: 15, lineHeight: 1.35, color: 'text.secondary' }}>
      <Box>
        {data.facts} number facts, {data.figures} figures to write, {minutes(data.seconds)}
      </Box>
      {most.length > 0 && <Box>Used most: {most.join(' · ')}</Box>}
    </Box>
  );
}
