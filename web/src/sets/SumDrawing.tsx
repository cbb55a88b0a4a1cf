import type { Paper, Square } from '../api/types';
import { SIDE } from '../paper/geometry';
import { Sheet, SheetSvg, Squares } from '../paper/Sheet';

/** A sum as it is set out on squares, half a square of margin around it. */
export function SumDrawing({
  paper,
  open,
  extent = paper.extent,
  square,
  widest,
  answered = false,
}: {
  paper: Paper;
  /** The squares that stand open for an answer. */
  open: Square[];
  /** The squares that are shown. */
  extent?: Paper['extent'];
  /** The side of a square, in pixels; smaller on wide papers. */
  square: number;
  /** How wide the drawing may be, in pixels. */
  widest: number;
  answered?: boolean;
}) {
  const { from, to } = extent;
  const columns = to.column - from.column + 2;
  const rows = to.row - from.row + 2;
  const side = Math.min(square, widest / columns);
  const corner = { x: (from.column - 0.5) * SIDE, y: (from.row - 0.5) * SIDE };
  return (
    <SheetSvg
      aria-hidden
      width={columns * side}
      height={rows * side}
      viewBox={`${corner.x} ${corner.y} ${columns * SIDE} ${rows * SIDE}`}
    >
      <Squares {...corner} />
      <Sheet layers={[{ paper, step: answered ? 1 : 0, open: answered ? [] : open }]} />
    </SheetSvg>
  );
}
