import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SetLine } from '../api/types';

const SHOWN = 3;

/** A few sums of a line, the same ones every time it is looked at. */
export function Examples({ line }: { line: SetLine }) {
  const { data } = useQuery({
    queryKey: ['examples', { ...line, count: SHOWN }],
    queryFn: () => api.draftSet({ lines: [{ ...line, count: SHOWN }], seed: 1 }),
    // A recipe that nothing fits is refused, and the sentence says why.
    retry: false,
    staleTime: Infinity,
  });
  return (
    <Box sx={{ minHeight: 24, fontSize: 16, color: 'text.secondary' }}>
      {data && `such as ${data.sums.map(({ problem }) => problem).join(',  ')}`}
    </Box>
  );
}
