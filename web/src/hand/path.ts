import { FIRST_COLUMN } from './pending';
import type { Attempt, Square } from '../api/types';
import { same } from '../paper/geometry';
import type { WrittenMark } from './strokes';

/** Where the next figure goes, and which step of the hand's path that is; −1 beside the path. */
export interface Cursor {
  at: Square;
  step: number;
}

export type Path = Attempt['path'];

/** The cursor in a square that was chosen: at the first thing that is still to be written there. */
export function cursorAt(path: Path, at: Square, marks: WrittenMark[]): Cursor {
  const open = path.findIndex((step) => same(step.at, at) && !standsThere(step, marks));
  return { at, step: open >= 0 ? open : path.findLastIndex((step) => same(step.at, at)) };
}

/** Where the hand begins, or goes on behind the writing; nowhere without a path. */
export function firstCursor(path: Path, marks: WrittenMark[], aids: boolean): Cursor | undefined {
  const stops = (each: Path[number]) => aids || each.kind !== 'AID';
  const open = path.findIndex((each) => stops(each) && !standsThere(each, marks));
  const step = open >= 0 ? open : path.findIndex(stops);
  const first = path[step];
  return first && { at: first.at, step };
}

/** Where the hand would go from here; at the end of its path it stays. */
export function nextCursor(path: Path, from: Cursor, marks: WrittenMark[], aids: boolean): Cursor {
  // A later row's small figures take the squares of an earlier row's.
  const passed = path.slice(0, from.step + 1);
  const isOpen = (step: Path[number]) =>
    !standsThere(step, marks) ||
    (step.kind === 'AID' && passed.some((each) => each.kind === 'AID' && same(each.at, step.at)));
  const next = path.findIndex(
    (step, index) => index > from.step && (aids || step.kind !== 'AID') && isOpen(step),
  );
  const step = path[next];
  return step ? { at: step.at, step: next } : from;
}

/**
 * Where the hand goes behind a figure. A number of the sum that is copied beside the path goes on
 * to the right until all of it stands, and a working beside it to the left. So does the hand at the
 * end of its path: staying would tell that nothing more is due, and the next figure would stand in
 * the place of the last.
 */
export function behindFigure(
  path: Path,
  from: Cursor,
  marks: WrittenMark[],
  aids: boolean,
): Cursor {
  const next = nextCursor(path, from, marks, aids);
  const { row, column } = from.at;
  const copied = path.filter(({ part }) => part === 'COPIED');
  const left = { row, column: column - 1 };
  const isFree =
    column > FIRST_COLUMN && !marks.some(({ kind, at }) => kind === 'FIGURE' && same(at, left));
  const isOnPath = from.step >= 0 || copied.length === 0;
  if (next === from && isOnPath && isFree) {
    return { at: left, step: -1 };
  }
  if (copied.length === 0) {
    return next;
  }
  const beside = (by: number) =>
    cursorAt(path, { row, column: Math.max(FIRST_COLUMN, column + by) }, marks);
  const step = path[from.step];
  if (!step) {
    const written = marks.filter(({ kind }) => kind === 'FIGURE').length;
    const isFull = marks.some(({ at }) => same(at, { row, column: column - 1 }));
    return beside(written < copied.length || isFull ? 1 : -1);
  }
  const begunLater = copied.some(
    (each) => each.at.row === row && path.indexOf(each) < from.step && !standsThere(each, marks),
  );
  return step.part === 'COPIED' && begunLater && next.at.row !== row ? beside(1) : next;
}

/** Where a digit goes: the square of the sign takes a sign and nothing else. */
export const cursorForDigit = (path: Path, at: Cursor, marks: WrittenMark[], aids: boolean) =>
  path[at.step]?.part === 'SIGN' ? nextCursor(path, at, marks, aids) : at;

/** Whether a number of several figures belongs there, which is typed from its first figure on. */
export const isNumber = (
  step: Path[number],
  aids: boolean,
): step is Path[number] & { kind: 'FIGURE' | 'NUMBER' | 'AID' } =>
  step.kind === 'NUMBER' || (step.figures > 1 && (step.kind !== 'AID' || aids));

function standsThere({ at, kind }: Path[number], marks: WrittenMark[]) {
  return marks.some((mark) => mark.kind === kind && same(mark.at, at));
}
