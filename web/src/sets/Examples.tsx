import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SetLine } from '../api/types';
import { setOutArea } from './setOutArea';
import { SumDrawing } from './SumDrawing';
import { t } from '../words';

const SHOWN = 3;
const SQUARE = 22;
const WIDEST = 128;

/** In pixels. */
const TALLEST = 100;

/** A few sums of a line set out, the same ones every time it is looked at. */
export function Examples({ line }: { line: SetLine }) {
  const { data } = useQuery({
    queryKey: ['examples', { ...line, count: SHOWN }],
    queryFn: () => api.draftSet({ lines: [{ ...line, count: SHOWN }], seed: 1 }),
    // A recipe that nothing fits is refused, and the sentence says why.
    retry: false,
    staleTime: Infinity,
  });
  return (
    <Box
      role="group"
      aria-label={t('sets.such-sums')}
      sx={{ mt: 0.75, height: TALLEST, display: 'flex', gap: 1 }}
    >
      {data?.sums.map((sum) => (
        <Box
          key={sum.problem}
          role="img"
          aria-label={sum.problem}
          title={sum.problem}
          data-testid="example"
          sx={{
            overflow: 'hidden',
            alignSelf: 'start',
            maxHeight: TALLEST,
            border: 1,
            borderColor: 'ink.square',
          }}
        >
          <SumDrawing
            paper={sum.paper}
            open={sum.open}
            extent={setOutArea(sum.paper)}
            square={SQUARE}
            widest={WIDEST}
          />
        </Box>
      ))}
    </Box>
  );
}
