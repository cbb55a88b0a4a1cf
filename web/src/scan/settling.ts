import type { Grid, Scan } from '../api/types';
import { t } from '../words';

/** An answer on a sheet, to be read by a person. */
export interface OnSheet {
  scan: number;
  page: number;
  pupil: number;
  sum: number;
  /** Left out while it is still to be settled. */
  text?: string;
  /** The text that its ink was read as, if any. */
  read?: string;
  /** The reason why it is asked. */
  why?: string;
  /** How many squares of its working are unread; left out where no working was read. */
  unread?: number;
}

/** The answers that were typed and are on their way, by page and sum. */
export type Ahead = ReadonlyMap<string, string | undefined>;

export const keyOf = ({ page, sum }: Pick<OnSheet, 'page' | 'sum'>) => `${page} ${sum}`;

/**
 * The answers of all pages whose pupil is known: sum by sum, since who reads the same sum thirty
 * times knows its answer by heart, and pupil by pupil as they stand in the grid.
 */
export function answersOf(scans: Scan[], grid: Grid, ahead: Ahead): OnSheet[] {
  const rows = new Map(grid.pupils.map(({ id }, row) => [id, row]));
  return scans
    .flatMap(({ id, pages }) =>
      pages.flatMap(({ id: page, pupil, answers }) =>
        pupil === undefined
          ? []
          : answers.map(({ sum, text, read, why, unread }) => ({
              scan: id,
              page,
              pupil,
              sum,
              text,
              read,
              why,
              unread,
            })),
      ),
    )
    .map((each) => (ahead.has(keyOf(each)) ? { ...each, text: ahead.get(keyOf(each)) } : each))
    .sort((one, other) => one.sum - other.sum || row(rows, one) - row(rows, other));
}

const row = (rows: Map<number, number>, { pupil }: OnSheet) => rows.get(pupil) ?? rows.size;

/** The place of the next answer that is to be settled, from a place on and round; −1 for none. */
export function nextOpen(answers: OnSheet[], from: number): number {
  const behind = answers.findIndex(({ text }, place) => place >= from && text === undefined);
  return behind >= 0 ? behind : answers.findIndex(({ text }) => text === undefined);
}

/** The answer that a key settles by itself: right, blank, or not to be read. */
export function settledBy(key: string, right: string): string | undefined {
  return { '+': right, b: '', x: 'x' }[key.toLowerCase()];
}

/** The mark of an answer on its sheet, and whether it is settled. */
export function markOf({ text, read }: OnSheet, right: string | undefined) {
  if (text === undefined) {
    return { isSettled: false, words: t('scan.mark-asked', { read: read ?? '' }) };
  }
  const words = {
    '': t('scan.blank'),
    x: t('scan.unreadable'),
    [right ?? 'x']: t('scan.mark-right', { text }),
  }[text];
  return { isSettled: true, words: words ?? text };
}

/**
 * Figures in the order in which they are looked through: those that are most often misread come
 * first.
 */
const LOOKED_THROUGH = [7, 1, 4, 9, 0, 6, 2, 3, 5, 8];

/** The first figure that was not looked through; none after the last. */
export const unseenFigure = (seen: number[]): number | undefined =>
  LOOKED_THROUGH.find((figure) => !seen.includes(figure));

/** The figure that comes behind another one; none behind the last. */
export const figureAfter = (figure: number): number | undefined =>
  LOOKED_THROUGH[LOOKED_THROUGH.indexOf(figure) + 1];

/** The figure to begin with; the first one where all are seen. */
export const nextFigure = (seen: number[]): number => unseenFigure(seen) ?? 7;

/** How the answers of a pile were read, and how many are not settled. */
export function readOf({ pages }: Scan) {
  const answers = pages.flatMap((page) => page.answers);
  const count = (state: string) =>
    answers.filter((each) => each.state === state && each.text !== undefined).length;
  return {
    right: count('RIGHT'),
    wrong: count('WRONG'),
    blank: count('BLANK'),
    asked: answers.filter(({ text }) => text === undefined).length,
  };
}
