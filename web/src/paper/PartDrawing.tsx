import type { Paper, Square } from '../api/types';
import { LEAST_SIDE, partOf, SIDE } from './geometry';
import { Sheet, SheetSvg, Squares } from './Sheet';

/**
 * A page on squares, half a square of margin around it. Where there is no room for all of it, its upper
 * left part is drawn, in whole squares: figures do not become too small to be read.
 */
export function PartDrawing({
  paper,
  step,
  open,
  extent = paper.extent,
  square = LEAST_SIDE,
  widest,
  tallest = Infinity,
}: {
  paper: Paper;
  step: number;
  /** The squares that stand open for an answer. */
  open?: Square[];
  /** The squares that are shown. */
  extent?: Paper['extent'];
  /** The side of a square, in pixels; smaller on wide papers. */
  square?: number;
  /** How wide and how high the drawing may be, in pixels. */
  widest: number;
  tallest?: number;
}) {
  const across = extent.to.column - extent.from.column + 2;
  const side = Math.min(square, Math.max(LEAST_SIDE, widest / across));
  const part = partOf(paper, extent, { rows: tallest / side, columns: widest / side });
  const { x, y, width, height } = part.box;
  return (
    <SheetSvg
      aria-hidden
      width={width * side}
      height={height * side}
      viewBox={[x, y, width, height].map((squares) => squares * SIDE).join(' ')}
      data-testid="drawing"
    >
      <Squares x={x * SIDE} y={y * SIDE} />
      <Sheet layers={[{ paper: part.paper, step, open }]} />
      {part.goesOn.right && <Edge x1={x + width} y1={y} x2={x + width} y2={y + height} />}
      {part.goesOn.below && <Edge x1={x} y1={y + height} x2={x + width} y2={y + height} />}
    </SheetSvg>
  );
}

/** The edge where the page goes on beyond the drawing. */
function Edge(ends: { x1: number; y1: number; x2: number; y2: number }) {
  const [x1, y1, x2, y2] = [ends.x1, ends.y1, ends.x2, ends.y2].map((squares) => squares * SIDE);
  return <line className="edge" x1={x1} y1={y1} x2={x2} y2={y2} />;
}
