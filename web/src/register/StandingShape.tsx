import Box from '@mui/material/Box';
import type { Standing } from './standings';

/** The quarters of a square that are filled, by column and row. */
const QUARTERS: Record<Standing, [number, number][]> = {
  NEW: [],
  BEGUN: [[0, 1]],
  NEARLY: [
    [0, 1],
    [1, 1],
  ],
  LOOK_AGAIN: [
    [0, 0],
    [1, 0],
    [0, 1],
    [1, 1],
  ],
  SURE: [
    [0, 0],
    [1, 0],
    [0, 1],
    [1, 1],
  ],
};

const QUARTER = 7;
const GAP = 1;
const SIDE = 2 * QUARTER + GAP;

/**
 * How much of a square is filled: a quarter for begun, the lower half for nearly, all of it for
 * sure; with a hole in its middle for what is to be looked at again. A slip has a corner of its
 * own.
 */
export function StandingShape({ standing, slip }: { standing: Standing; slip?: boolean }) {
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox={`-1 -1 ${SIDE + 6} ${SIDE + 2}`}
      sx={{ width: SIDE + 6, height: SIDE + 2, flexShrink: 0 }}
    >
      {QUARTERS[standing].map(([column, row]) => (
        <Box
          key={`${column} ${row}`}
          component="rect"
          x={column * (QUARTER + GAP)}
          y={row * (QUARTER + GAP)}
          width={QUARTER}
          height={QUARTER}
          sx={{ fill: ({ palette }) => palette.success.main }}
        />
      ))}
      {standing === 'LOOK_AGAIN' && (
        <Box
          component="rect"
          x={SIDE / 2 - 4}
          y={SIDE / 2 - 4}
          width={8}
          height={8}
          sx={{ fill: ({ palette }) => palette.ink.page }}
        />
      )}
      {slip && (
        <Box
          component="path"
          d={`M ${SIDE - 2} -1 h 6 v 6 z`}
          sx={{ fill: ({ palette }) => palette.error.main }}
        />
      )}
    </Box>
  );
}
