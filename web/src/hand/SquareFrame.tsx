import type { Square } from '../api/types';
import { left, SIDE, top } from '../paper/geometry';

/** A frame within a square: the cursor, or the square of a hint. */
export function SquareFrame({ at, className }: { at: Square; className: 'cursor' | 'hinted' }) {
  return (
    <rect
      className={className}
      data-testid={className}
      data-row={at.row}
      data-column={at.column}
      x={left(at) + 3}
      y={top(at) + 3}
      width={SIDE - 6}
      height={SIDE - 6}
      rx={6}
      // The writing shows through it.
      fillOpacity={0.2}
    />
  );
}
