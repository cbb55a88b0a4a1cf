import type { Mark, Paper, Square } from '../api/types';

/** A paper and how far it has been worked; a second working lies on the page before it begins. */
export interface Layer {
  paper: Paper;
  /** The last step shown of this paper; −1 before its first. */
  step: number;
  /** Whether the marks of that step are set off as just written. */
  fresh?: boolean;
  /** Whether no boxes show where answers will stand. */
  boxless?: boolean;
  /** The squares that are marked as open for an answer, instead of those of its figures. */
  open?: Square[];
}

/** How far a mark is from the step now: drawn for good, or just written. */
export type When = 'written' | 'fresh';

/** The roles that are written from the left: no space is left open before their first figure. */
const FROM_LEFT = new Set(['QUOTIENT', 'ROOT']);

/** The open squares of a layer that are not written in yet. */
export function stillOpen({ paper, step, open = [] }: Layer): Square[] {
  const written = new Set<string>();
  let first = 0;
  for (const { role, shape, step: by } of paper.marks) {
    if (shape.kind === 'figure' && by <= step) {
      written.add(`${shape.at.row} ${shape.at.column}`);
      if (FROM_LEFT.has(role)) {
        first = first === 0 ? shape.at.column : Math.min(first, shape.at.column);
      }
    }
  }
  return open.filter(({ row, column }) => column >= first && !written.has(`${row} ${column}`));
}

/**
 * How much of a mark is visible at a step. Later marks are only hinted at where an answer will
 * stand.
 */
export function timed(mark: Mark, layer: Omit<Layer, 'paper'>): When | 'expected' | 'hidden' {
  if (mark.step <= layer.step) {
    if (mark.gone !== undefined && mark.gone <= layer.step) {
      return 'hidden';
    }
    return layer.fresh && mark.step === layer.step ? 'fresh' : 'written';
  }
  if (mark.role === 'ANSWER' || mark.role === 'FOUND') {
    return layer.boxless ? 'hidden' : 'expected';
  }
  return 'hidden';
}
