import Box from '@mui/material/Box';

/** A count for each week, as a bar in a square of squared paper. */
export function WeekBars({
  label,
  counts,
  full,
  width,
  height,
  colour,
}: {
  label: string;
  counts: number[];
  /** The count that fills a square. */
  full: number;
  width: number;
  height: number;
  colour: 'success.main' | 'error.main';
}) {
  const step = width / counts.length;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`${label}: ${counts.join(', ')}`}
      viewBox={`0 0 ${width + 1} ${height + 1}`}
      sx={{ width: width + 1, maxWidth: '46vw', height: height + 1, flexShrink: 0, color: colour }}
    >
      {counts.map((count, week) => {
        const tall = (height * Math.min(count, full)) / Math.max(full, 1);
        return (
          <g key={week}>
            <Box
              component="rect"
              x={week * step + 0.5}
              y={0.5}
              width={step}
              height={height}
              sx={{ fill: 'none', stroke: ({ palette }) => palette.ink.square }}
            />
            <rect
              x={week * step + 0.5}
              y={height - tall + 0.5}
              width={step}
              height={tall}
              fill="currentColor"
            />
          </g>
        );
      })}
    </Box>
  );
}
