import type { ReactNode } from 'react';
import type { Paper } from '../api/types';
import { bounds, SIDE } from './geometry';
import { Sheet, SheetSvg } from './Sheet';

/** A paper as a picture of a given height; of a larger one only its upper left corner. */
export function Drawing({
  paper,
  step,
  height,
  label,
  most,
  children,
}: {
  paper: Paper;
  step: number;
  height: number;
  label: string;
  most?: { rows: number; columns: number };
  /** What lies over it. */
  children?: ReactNode;
}) {
  const { from, to } = bounds([paper]);
  const columns = Math.min(to.column - from.column + 2, most?.columns ?? Infinity);
  const rows = Math.min(to.row - from.row + 2, most?.rows ?? Infinity);
  const box = [from.column - 0.5, from.row - 0.5, columns, rows].map((squares) => squares * SIDE);
  return (
    <SheetSvg
      role="img"
      aria-label={label}
      aria-hidden={label === ''}
      width="100%"
      height={height}
      viewBox={box.join(' ')}
      data-testid="drawing"
    >
      <Sheet layers={[{ paper, step }]} />
      {children}
    </SheetSvg>
  );
}
