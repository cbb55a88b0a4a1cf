import type { ReactNode } from 'react';
import type { Paper } from '../api/types';
import { bounds, LEAST_SIDE, SIDE } from './geometry';
import { Sheet, SheetSvg } from './Sheet';

/** A paper as a picture of a given height; a larger one is scrolled. */
export function Drawing({
  paper,
  step,
  height,
  label,
  children,
}: {
  paper: Paper;
  step: number;
  height: number;
  label: string;
  /** Marks that lie over it. */
  children?: ReactNode;
}) {
  const { from, to } = bounds([paper]);
  const columns = to.column - from.column + 2;
  const rows = to.row - from.row + 2;
  const box = [from.column - 0.5, from.row - 0.5, columns, rows].map((squares) => squares * SIDE);
  return (
    <div style={{ overflow: 'auto' }}>
      <SheetSvg
        role="img"
        aria-label={label}
        aria-hidden={label === ''}
        width="100%"
        height={Math.max(height, rows * LEAST_SIDE)}
        style={{ minWidth: columns * LEAST_SIDE }}
        viewBox={box.join(' ')}
        data-testid="drawing"
      >
        <Sheet layers={[{ paper, step }]} />
        {children}
      </SheetSvg>
    </div>
  );
}
