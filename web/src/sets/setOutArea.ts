import type { Paper } from '../api/types';

/**
 * The squares of the figures that a sum is set out with, and the row below them: without the heads
 * above, and without the squares that the working needs.
 */
export function setOutArea({ marks, extent }: Paper): Paper['extent'] {
  const squares = marks.flatMap(({ step, shape }) =>
    step === 0 && shape.kind === 'figure' ? [shape.at] : [],
  );
  if (squares.length === 0) {
    return extent;
  }
  const rows = squares.map(({ row }) => row);
  const columns = squares.map(({ column }) => column);
  return {
    from: { row: Math.min(...rows), column: Math.min(...columns) },
    to: { row: Math.max(...rows) + 1, column: Math.max(...columns) },
  };
}
