import type { Cell, CellRequest, Grid } from '../api/types';
import type { Entry, Spot } from './entering';
import { t } from '../words';

/** An answer that was entered, with the one in its square before. */
export interface Change extends Entry {
  /** Left out where there was no answer. */
  from?: string;
  /** The square before, if a teacher had decided its outcome. */
  was?: Cell;
  /** The same of the square afterwards. */
  becomes?: Cell;
  /** The square as it will be marked, if the grid foretells it. */
  known?: Cell;
}

/** How a change is sent. */
export const toSend = ({ pupil, number, from, to, becomes }: Change): CellRequest => ({
  pupil,
  number,
  given: to,
  seen: from,
  overruled: becomes && { outcome: becomes.outcome, slip: becomes.slips[0]?.id },
});

/** The change that takes another one back. */
export const undone = ({ pupil, number, from, to, was, becomes }: Change): Change => ({
  pupil,
  number,
  from: to,
  to: from,
  was: becomes,
  becomes: was,
});

/** The texts that a field of a block may have: none, an answer, or one of the words for none. */
const FIELD = /^(-|x|blank|absent|\d[\d.,\s]*(r[\d.,\s]*)?)?$/i;

/**
 * Answers that were copied without names, by rows; undefined for any other text. A comma stands
 * within numbers here, so that only tabs and semicolons part them.
 */
export function blockOf(text: string): string[][] | undefined {
  if (!/[\n\t;]/.test(text)) {
    return undefined;
  }
  const between = text.includes('\t') ? '\t' : ';';
  const rows = text.split(/\r?\n/).map((row) => row.split(between).map((field) => field.trim()));
  return rows.every((row) => row.every((field) => FIELD.test(field))) ? rows : undefined;
}

const columnsOf = (block: string[][]) => Math.max(...block.map((row) => row.length));

/** Why a block cannot be entered from a square on. */
export const noRoom = ({ pupils, sums }: Grid, { row, column }: Spot, block: string[][]) =>
  t('marking.no-room', {
    rows: block.length,
    columns: columnsOf(block),
    pupils: pupils.length - row,
    sums: sums.length - column,
  });

/**
 * The entries of a block from one square on; undefined if the grid has no room for it. An empty
 * field leaves its square as it is.
 */
export function placed(grid: Grid, at: Spot, block: string[][]): Entry[] | undefined {
  const room = { rows: grid.pupils.length - at.row, columns: grid.sums.length - at.column };
  if (block.length > room.rows || columnsOf(block) > room.columns) {
    return undefined;
  }
  return grid.pupils.slice(at.row, at.row + block.length).flatMap(({ id: pupil }, row) =>
    (block[row] ?? []).flatMap((field, column) => {
      const to = /^blank$/i.test(field) ? '' : field.toLowerCase();
      return field === '' ? [] : { pupil, number: at.column + column, to };
    }),
  );
}
