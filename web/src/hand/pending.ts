import type { Square } from '../api/types';
import type { Done, WrittenMark } from './strokes';

/** A number that is being typed, from its first figure on; it is written when it is complete. */
export interface Pending {
  /** Where its last figure belongs. */
  at: Square;
  kind: WrittenMark['kind'];
  text: string;
}

/** The leftmost column: a writer who needs more room than the sheet has goes on to its left. */
export const FIRST_COLUMN = -20;

/** The squares of a number, its last figure in its place and the others to the left of it. */
export function squaresOf({ at, kind, text }: Pending): WrittenMark[] {
  if (kind !== 'FIGURE') {
    return [{ kind, at, text }];
  }
  return [...text]
    .map((figure, index) => ({
      kind,
      at: { row: at.row, column: at.column - (text.length - 1 - index) },
      text: figure,
    }))
    .filter(({ at: { column } }) => column >= FIRST_COLUMN)
    .reverse();
}

/** The strokes that write it, its last figure first. */
export const strokesOf = (pending: Pending): Done[] =>
  squaresOf(pending).map(({ kind, at, text }) => ({ kind, ...at, text }));
