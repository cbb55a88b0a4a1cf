import type { Grid, Square, Stroke } from '../api/types';
import { same } from '../paper/geometry';
import type { OnSheet } from './settling';

/** The answers that are settled as wrong numbers and whose workings were read. */
export const wrongOf = (answers: OnSheet[], { sums }: Grid): OnSheet[] =>
  answers.filter(
    ({ text, sum, unread }) =>
      unread !== undefined && text !== undefined && /\d/.test(text) && text !== sums[sum]?.right,
  );

/** The squares with a mark, row by row. */
export const squaresOf = (strokes: Stroke[]): Square[] =>
  strokes
    .map(({ row, column }) => ({ row, column }))
    .sort((one, other) => one.row - other.row || one.column - other.column);

/** The squares that could not be read. */
export const unreadOf = (strokes: Stroke[]): Square[] =>
  squaresOf(strokes.filter(({ kind }) => kind === 'UNREAD'));

/** The next of some squares, or the one before, round and round. */
export function stepFrom(squares: Square[], at: Square | undefined, by: number) {
  const from = at ? squares.findIndex((each) => same(each, at)) : -1;
  const place = from < 0 && by < 0 ? 0 : from;
  return squares[(place + by + squares.length) % squares.length];
}
