import type { Cell, Grid } from '../api/types';
import { t } from '../words';

/** An answer for a square; without `to` the one that is there is taken away. */
export interface Entry {
  pupil: number;
  number: number;
  to?: string;
}

/** A square of the grid: a pupil's row and a sum's column, from 0. */
export interface Spot {
  row: number;
  column: number;
}

/** Which way the hand goes on after an answer. */
export type Way = 'down' | 'across';

/** The cells of a grid by pupil and sum. */
export type Cells = ReadonlyMap<string, Cell>;

export const keyOf = (pupil: number, number: number) => `${pupil} ${number}`;

export const cellsOf = (cells: Cell[]): Cells =>
  new Map(cells.map((cell) => [keyOf(cell.pupil, cell.number), cell]));

/**
 * The cells with some as they are now. Unchanged ones keep their place in the list, so that they
 * are not drawn again.
 */
export function withCells(cells: Cell[], touched: ReadonlySet<string>, now: Cell[]): Cell[] {
  const fresh = new Map(now.map((cell) => [keyOf(cell.pupil, cell.number), cell]));
  const kept = cells.flatMap((cell) => {
    const key = keyOf(cell.pupil, cell.number);
    const instead = fresh.get(key);
    fresh.delete(key);
    return instead ?? (touched.has(key) ? [] : cell);
  });
  return [...kept, ...fresh.values()];
}

/** An answer that is typed and not kept yet. */
export interface Ahead {
  /** Left out where an answer is taken away. */
  given?: string;
  /** The square as it will be marked, if that is known beforehand. */
  cell?: Cell;
}

/** The answers in the squares, kept and typed. */
export interface Answers {
  cells: Cells;
  ahead: ReadonlyMap<string, Ahead>;
}

/** A square as the grid shows it: the typed answer, or else the kept one. */
export function shownCell({ cells, ahead }: Answers, key: string): Cell | undefined {
  const typed = ahead.get(key);
  return typed ? typed.cell : cells.get(key);
}

/** Whether a pupil's row shows the same answers, kept and typed. */
export function isSameAnswers(pupil: number, columns: number, before: Answers, now: Answers) {
  for (let column = 0; column < columns; column++) {
    const key = keyOf(pupil, column);
    if (
      before.cells.get(key) !== now.cells.get(key) ||
      before.ahead.get(key) !== now.ahead.get(key)
    ) {
      return false;
    }
  }
  return true;
}

/** The square that comes next; behind the last one of a row or column it is the first of another. */
export function nextSpot({ row, column }: Spot, way: Way, rows: number, columns: number): Spot {
  const at = way === 'down' ? column * rows + row : row * columns + column;
  const next = (at + 1) % (rows * columns);
  return way === 'down'
    ? { row: next % rows, column: Math.floor(next / rows) }
    : { row: Math.floor(next / columns), column: next % columns };
}

const MOVES: Record<string, [row: number, column: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Where an arrow, Home or End leads; undefined for other keys. */
export function moved(spot: Spot, key: string, rows: number, columns: number): Spot | undefined {
  if (key === 'Home' || key === 'End') {
    return { row: spot.row, column: key === 'Home' ? 0 : columns - 1 };
  }
  const move = MOVES[key];
  return (
    move && {
      row: Math.min(Math.max(spot.row + move[0], 0), rows - 1),
      column: Math.min(Math.max(spot.column + move[1], 0), columns - 1),
    }
  );
}

/**
 * The texts that are entered for a wrong answer, whatever it says, and for a pupil who was absent.
 */
export const NO_NUMBER = 'x';
export const ABSENT = 'absent';

/** The keys that are an answer by themselves: right, wrong, blank, and a sum that was not asked. */
export function wholeAnswer(key: string, right: string): string | undefined {
  return { '+': right, x: NO_NUMBER, b: '', '-': '-' }[key.toLowerCase()];
}

/** The squares of a pupil who was absent: all in which nothing stands, or else the one at hand. */
export function absentFrom(answers: Answers, pupil: number, columns: number, at: number): Entry[] {
  const open = Array.from({ length: columns }, (_, number) => number).filter(
    (number) =>
      !answers.ahead.has(keyOf(pupil, number)) && !answers.cells.has(keyOf(pupil, number)),
  );
  return (open.length > 0 ? open : [at]).map((number) => ({ pupil, number, to: ABSENT }));
}

/** Where the hand goes on behind a pupil who was absent. */
export const nextBook = ({ row, column }: Spot, way: Way, rows: number): Spot => ({
  row: (row + 1) % rows,
  column: way === 'down' ? column : 0,
});

/** Whether a key belongs to an answer that is being typed. */
export const isTyped = (key: string, typed: string) =>
  /^[0-9.,]$/.test(key) || (typed !== '' && /^[rR ]$/.test(key));

const WORDS: Record<Cell['outcome'], string> = {
  RIGHT: t('common.right'),
  WRONG: t('common.wrong'),
  BLANK: t('common.blank'),
  ABSENT: t('marking.absent'),
  LEFT_OUT: t('marking.not-asked'),
};

/** The outcome of an answer in words: wrong, carry not added. */
export function worthTold(cell: Cell): string {
  const slips = cell.slips.map(({ name }) => name).join(', or ');
  return [WORDS[cell.outcome], cell.overruled && t('marking.by-your-own-decision'), slips]
    .filter(Boolean)
    .join(', ');
}

/** A square in words: its pupil, its answer, and the outcome. */
export function cellTold(grid: Grid, spot: Spot, cell: Cell | undefined): string {
  const pupil = grid.pupils[spot.row]?.name ?? '';
  const sum = grid.sums[spot.column];
  const head = `${pupil}, ${spot.column + 1}. ${sum?.problem ?? ''} = ${sum?.answer ?? ''}`;
  if (!cell) {
    return t('marking.nothing-entered', { head });
  }
  const worth = worthTold(cell);
  return cell.outcome === 'WRONG' && cell.given !== NO_NUMBER
    ? `${head}: ${cell.given}, ${worth}`
    : `${head}: ${worth}`;
}
