import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Grid } from '../api/types';
import { t } from '../words';
import { AskDialog } from '../ui/AskDialog';
import { markOf, type OnSheet } from './settling';

/** A sheet, laid flat, with a mark beside each answer. */
export function WholeSheet({
  scan,
  page,
  grid,
  answers,
  onClose,
}: {
  scan: number;
  page: number;
  grid: Grid;
  /** The answers of this page. */
  answers: OnSheet[];
  onClose: () => void;
}) {
  const places = useQuery({
    queryKey: ['scan-places', scan, page],
    queryFn: () => api.answerPlaces(scan, page),
  });
  return (
    <AskDialog
      title={t('scan.whole-sheet')}
      maxWidth="md"
      content={{ tabIndex: 0, role: 'region' }}
      onClose={onClose}
    >
      <Box sx={{ position: 'relative' }}>
        <Box
          component="img"
          src={`/api/scans/${scan}/pages/${page}/sheet`}
          alt={t('scan.the-sheet-as-it-came-back')}
          sx={{ display: 'block', width: '100%' }}
        />
        {places.data?.map(({ sum, left, top, right, bottom }) => {
          const answer = answers.find((each) => each.sum === sum);
          const mark = answer && markOf(answer, grid.sums[sum]?.right);
          return (
            mark && (
              <Box
                key={sum}
                sx={{
                  position: 'absolute',
                  left: percent(left),
                  top: percent(top),
                  width: percent(right - left),
                  height: percent(bottom - top),
                  // The sheet is paper, also where the screen is dark.
                  outline: `2px ${mark.isSettled ? 'solid' : 'dashed'} #1f3d33`,
                  outlineOffset: 3,
                }}
              >
                <Box
                  sx={{
                    position: 'absolute',
                    right: 0,
                    bottom: '100%',
                    mb: '5px',
                    px: 0.5,
                    bgcolor: '#1f3d33',
                    color: '#fff',
                    fontSize: 'note',
                    whiteSpace: 'nowrap',
                  }}
                >
                  {mark.words}
                </Box>
              </Box>
            )
          );
        })}
      </Box>
    </AskDialog>
  );
}

const percent = (share: number) => `${share * 100}%`;
