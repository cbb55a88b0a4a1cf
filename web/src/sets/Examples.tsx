import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SetLine } from '../api/types';
import { PartDrawing } from '../paper/PartDrawing';
import { setOutArea } from './setOutArea';
import { t } from '../words';

const SHOWN = 3;

/** In pixels. */
const WIDEST = 290;
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
      // Those for which there is no room side by side are not seen.
      sx={{
        mt: 0.75,
        height: TALLEST + 2,
        overflow: 'hidden',
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
      }}
    >
      {data?.sums.map((sum) => (
        <Box
          key={sum.problem}
          role="img"
          aria-label={sum.problem}
          title={sum.problem}
          data-testid="example"
          sx={{ alignSelf: 'start', border: 1, borderColor: 'ink.square' }}
        >
          <PartDrawing
            paper={sum.paper}
            step={0}
            open={sum.open}
            extent={setOutArea(sum.paper)}
            widest={WIDEST}
            tallest={TALLEST}
          />
        </Box>
      ))}
    </Box>
  );
}
