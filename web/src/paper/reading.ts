import type { ColumnName, Mark, Square } from '../api/types';
import { home, same } from './geometry';
import type { Layer } from './layer';
import { t } from '../words';

const THINGS = {
  DOT: t('paper.dot'),
  OPEN_DOT: t('paper.open-dot'),
  STICK: t('paper.stick'),
  OPEN_STICK: t('paper.open-stick'),
  FLAT: t('paper.flat'),
  STACK: t('paper.stack'),
} as const;

/** The words for where a square stands. */
export interface Names {
  columns: ColumnName[];
  /** The row in which the answer stands, where the page shows it. */
  answerRow?: number;
}

/** Words for a page whose places have no names. */
export const NAMELESS: Names = { columns: [] };

/** A square in words: its place, its row, and its text. */
export function described(square: Square, layers: Layer[], names: Names): string {
  const texts = layers.flatMap((layer) =>
    layer.paper.marks
      .filter((mark) => isSeen(mark, layer) && same(home(mark), square))
      .map((mark) => inWords(mark, layer))
      .filter((text) => text !== ''),
  );
  return t('paper.square', {
    place: placeOf(square.column, names.columns),
    row:
      square.row === names.answerRow
        ? t('paper.answer-row')
        : t('paper.row-of', { row: square.row + 1 }),
    figures: texts.join(', ') || t('common.blank'),
  });
}

/** The words about a square besides its marks, for example a judge's; most squares have none. */
export type Told = (square: Square) => string | undefined;

/** All the writing, row by row from the top, each from its left. */
export function readAloud(layers: Layer[], names: Names, told?: Told): string {
  const rows = new Map<number, { column: number; text: string }[]>();
  for (const layer of layers) {
    for (const mark of layer.paper.marks) {
      const text = isSeen(mark, layer) ? inWords(mark, layer) : '';
      if (text !== '') {
        const { row, column } = home(mark);
        const texts = rows.get(row) ?? [];
        texts.push({ column, text: [text, told?.(home(mark))].filter(Boolean).join(', ') });
        rows.set(row, texts);
      }
    }
  }
  return [...rows]
    .sort(([one], [other]) => one - other)
    .map(([row, texts]) => {
      const read = texts
        .sort((one, other) => one.column - other.column)
        .map(({ column, text }) => [nameOf(column, names.columns), text].filter(Boolean).join(' '));
      const figures = read.join(', ');
      return row === names.answerRow
        ? t('paper.answer-row-read', { figures })
        : t('paper.row', { row: row + 1, figures });
    })
    .join(' ');
}

const nameOf = (column: number, names: ColumnName[]) =>
  names.find((each) => each.column === column)?.name;

const placeOf = (column: number, names: ColumnName[]) =>
  nameOf(column, names) ??
  (names.length > 0 ? t('paper.beside-the-columns') : t('paper.column', { column: column + 1 }));

const isSeen = ({ step, gone }: Mark, layer: Layer) =>
  step <= layer.step && !(gone !== undefined && gone <= layer.step);

function inWords({ role, shape, struck }: Mark, layer: Layer): string {
  const crossed = struck !== undefined && struck <= layer.step ? t('paper.struck') : '';
  switch (shape.kind) {
    case 'figure':
      return shape.text + crossed;
    case 'small':
      return t('paper.small', { figure: shape.text }) + crossed;
    case 'words':
      return shape.text;
    case 'point':
      return role === 'THOUSANDS' ? '' : t('common.point');
    case 'counter':
      return THINGS[shape.thing] + crossed;
    default:
      return '';
  }
}
