import type { Square, Stroke } from '../api/types';
import { same } from '../paper/geometry';

/** A hand's action on a square. */
export type Done = Pick<Stroke, 'kind' | 'row' | 'column' | 'text'>;

/** A mark in a square: a full figure, a small one, a point, a strike, a line under it. */
export interface WrittenMark {
  kind: Exclude<Stroke['kind'], 'RUB'>;
  at: Square;
  text: string;
}

/** The marks on the page after some strokes. */
export function marksAfter(strokes: Done[]): WrittenMark[] {
  let marks: WrittenMark[] = [];
  for (const { kind, row, column, text } of strokes) {
    const at = { row, column };
    if (kind === 'UNREAD') {
      marks.push({ kind, at, text });
      continue;
    }
    if (kind === 'RUB') {
      marks = marks.filter((each) => !same(each.at, at));
      continue;
    }
    const before = marks.find((each) => each.kind === kind && same(each.at, at));
    marks = marks.filter((each) => each !== before);
    const toggled = kind === 'STRIKE' || kind === 'LINE';
    if (kind === 'FIGURE' || kind === 'NUMBER') {
      marks = marks.filter((each) => each.kind !== 'UNREAD' || !same(each.at, at));
    }
    if (toggled ? !before : text !== '') {
      marks.push({ kind, at, text });
    }
  }
  return marks;
}

/** The strokes that make a square as it was. */
export function strokesFor(at: Square, marks: WrittenMark[]): Done[] {
  return [
    { kind: 'RUB', ...at, text: '' },
    ...marks.filter((mark) => same(mark.at, at)).map(({ kind, text }) => ({ kind, ...at, text })),
  ];
}
