import Box from '@mui/material/Box';
import type { RunResult } from '../api/types';
import { t } from '../words';

const SIDE = 22;

/** How many squares fit into a line of the page. */
const MOST = 20;

/** The latest sums of a run as squares: a tick where a sum is right, a ring where it is not. */
export function RunSquares({ results }: { results: RunResult[] }) {
  const latest = results.slice(-MOST);
  const right = latest.filter((result) => result.right).length;
  const known = latest.every((result) => result.right !== undefined);
  const label = known
    ? t('runs.the-latest-sums-right', { sums: latest.length, right })
    : t('runs.sums-are-worked', { sums: results.length });
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`0 0 ${MOST * SIDE + 2} ${SIDE + 2}`}
      sx={{
        display: 'block',
        flexShrink: 0,
        width: '100%',
        maxWidth: MOST * SIDE + 2,
        height: SIDE + 2,
      }}
    >
      {Array.from({ length: MOST }, (_, place) => {
        const result = latest[place];
        const x = 1 + place * SIDE;
        return (
          <g key={place}>
            <Box
              component="rect"
              x={x}
              y={1}
              width={SIDE}
              height={SIDE}
              sx={{ fill: 'transparent', stroke: (theme) => theme.palette.ink.square }}
            />
            {result && <Result x={x} result={result} />}
          </g>
        );
      })}
    </Box>
  );
}

function Result({ x, result: { right, again } }: { x: number; result: RunResult }) {
  return (
    <>
      {right === undefined ? (
        <Box
          component="circle"
          cx={x + SIDE / 2}
          cy={1 + SIDE / 2}
          r={3}
          sx={{ fill: (theme) => theme.palette.text.secondary }}
        />
      ) : right ? (
        <Box
          component="path"
          d={`M ${x + 5} 12 l 4 5 l 8 -10`}
          sx={{
            fill: 'none',
            strokeWidth: 2.5,
            stroke: (theme) => theme.palette.success.main,
          }}
        />
      ) : (
        <Box
          component="circle"
          cx={x + SIDE / 2}
          cy={1 + SIDE / 2}
          r={6}
          sx={{ fill: 'none', strokeWidth: 2.5, stroke: (theme) => theme.palette.error.main }}
        />
      )}
      {again && (
        <Box
          component="path"
          d={`M ${x + 3} 20 h ${SIDE - 6}`}
          sx={{ strokeWidth: 1.5, stroke: (theme) => theme.palette.text.secondary }}
        />
      )}
    </>
  );
}
