import { useTheme } from '@mui/material/styles';
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
 * sure; with a hole in its middle for rungs to look at again. A slip has a corner of its own.
 */
export function StandingShape({ standing, slip }: { standing: Standing; slip?: boolean }) {
  const { palette } = useTheme();
  return (
    <svg
      aria-hidden
      viewBox={`-1 -1 ${SIDE + 6} ${SIDE + 2}`}
      width={SIDE + 6}
      height={SIDE + 2}
      style={UNSHRUNK}
    >
      <path d={PATHS[standing]} fill={palette.success.main} />
      {standing === 'LOOK_AGAIN' && (
        <rect x={SIDE / 2 - 4} y={SIDE / 2 - 4} width={8} height={8} fill={palette.ink.page} />
      )}
      {slip && <path d={`M ${SIDE - 2} -1 h 6 v 6 z`} fill={palette.error.main} />}
    </svg>
  );
}

const UNSHRUNK = { flexShrink: 0 } as const;

const PATHS = Object.fromEntries(
  Object.entries(QUARTERS).map(([standing, quarters]) => [
    standing,
    quarters
      .map(([column, row]) => {
        const at = `${column * (QUARTER + GAP)} ${row * (QUARTER + GAP)}`;
        return `M ${at} h ${QUARTER} v ${QUARTER} h -${QUARTER} z`;
      })
      .join(' '),
  ]),
) as Record<Standing, string>;
