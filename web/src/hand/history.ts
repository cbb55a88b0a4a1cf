import type { Square } from '../api/types';
import { same } from '../paper/geometry';
import { strokesFor, type WrittenMark } from './strokes';

/** Squares that were changed together, and the marks of each before. */
type Change = { at: Square; before: WrittenMark[] }[];

/** Actions that can be taken back and done again, the nearest last. */
export interface History {
  done: Change[];
  undone: Change[];
}

export const NO_HISTORY: History = { done: [], undone: [] };

const changeOf = (squares: Square[], marks: WrittenMark[]): Change =>
  squares.map((at) => ({ at, before: marks.filter((mark) => same(mark.at, at)) }));

/** The history once some squares are changed; actions that were taken back are forgotten. */
export function noted(history: History, squares: Square[], marks: WrittenMark[]): History {
  return { done: [...history.done, changeOf(squares, marks)], undone: [] };
}

/** A change taken back or done again: its strokes and its square; null if there is none. */
export function turned(history: History, which: 'undo' | 'redo', marks: WrittenMark[]) {
  const change = (which === 'undo' ? history.done : history.undone).at(-1);
  const [first] = change ?? [];
  if (!change || !first) {
    return null;
  }
  const squares = change.map(({ at }) => at);
  const now = changeOf(squares, marks);
  return {
    at: first.at,
    strokes: change.flatMap(({ at, before }) => strokesFor(at, before)),
    history:
      which === 'undo'
        ? { done: history.done.slice(0, -1), undone: [...history.undone, now] }
        : { done: [...history.done, now], undone: history.undone.slice(0, -1) },
  };
}
