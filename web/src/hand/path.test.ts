import { describe, expect, it } from 'vitest';
import { strokes } from '../test/strokes';
import { behindFigure, cursorAt, cursorForDigit, firstCursor, nextCursor, type Path } from './path';
import { marksAfter } from './strokes';

describe('the cursor', () => {
  const path: Path = [
    { at: { row: 4, column: 4 }, kind: 'FIGURE', figures: 1, part: 'WORKED' },
    { at: { row: 1, column: 3 }, kind: 'AID', figures: 1, part: 'WORKED' },
    { at: { row: 4, column: 3 }, kind: 'FIGURE', figures: 1, part: 'WORKED' },
    { at: { row: 1, column: 3 }, kind: 'AID', figures: 1, part: 'WORKED' },
    { at: { row: 5, column: 4 }, kind: 'FIGURE', figures: 1, part: 'WORKED' },
  ];
  const start = { at: { row: 4, column: 4 }, step: 0 };

  it('begins at the first square at which it stops', () => {
    const later: Path = [
      { at: { row: 0, column: 3 }, kind: 'AID', figures: 1, part: 'WORKED' },
      ...path,
    ];
    expect(firstCursor(later, [], false)).toEqual({ at: { row: 4, column: 4 }, step: 1 });
    expect(firstCursor(later, [], true)).toEqual({ at: { row: 0, column: 3 }, step: 0 });
    expect(firstCursor([], [], true)).toBeUndefined();
  });

  it('goes on at the first open square of a page on which something stands', () => {
    const begun = marksAfter(strokes(['FIGURE', 4, 4, '7']));
    expect(firstCursor(path, begun, false)).toEqual({ at: { row: 4, column: 3 }, step: 2 });
    const full = marksAfter(
      strokes(['FIGURE', 4, 4, '7'], ['FIGURE', 4, 3, '2'], ['FIGURE', 5, 4, '1']),
    );
    expect(firstCursor(path, full, false)).toEqual(start);
  });

  it('goes along the path', () => {
    expect(nextCursor(path, start, [], true)).toEqual({ at: { row: 1, column: 3 }, step: 1 });
  });

  it('passes by the squares for small figures where they are not wanted', () => {
    expect(nextCursor(path, start, [], false).step).toBe(2);
  });

  it('passes by what is written already', () => {
    const marks = marksAfter(strokes(['AID', 1, 3, '5']));
    expect(nextCursor(path, start, marks, true).step).toBe(2);
  });

  it('comes back to a square whose small figure a later row takes over', () => {
    const marks = marksAfter(strokes(['AID', 1, 3, '5'], ['FIGURE', 4, 3, '7']));
    const onThird = { at: { row: 4, column: 3 }, step: 2 };
    expect(nextCursor(path, onThird, marks, true).step).toBe(3);
  });

  it('stays at the end of the path', () => {
    const end = { at: { row: 5, column: 4 }, step: 4 };
    expect(nextCursor(path, end, [], true)).toBe(end);
  });

  it('goes on to the left behind the last figure, and does not tell that it was the last', () => {
    const end = { at: { row: 5, column: 4 }, step: 4 };
    const all = marksAfter(
      strokes(['FIGURE', 4, 4, '7'], ['FIGURE', 4, 3, '2'], ['FIGURE', 5, 4, '1']),
    );
    const beyond = behindFigure(path, end, all, false);
    expect(beyond).toEqual({ at: { row: 5, column: 3 }, step: -1 });
    const more = [...all, ...marksAfter(strokes(['FIGURE', 5, 3, '6']))];
    expect(behindFigure(path, beyond, more, false).at).toEqual({ row: 5, column: 2 });
  });

  it('stays behind the last figure where something stands at its left', () => {
    const end = { at: { row: 5, column: 4 }, step: 4 };
    const all = marksAfter(
      strokes(
        ['FIGURE', 4, 4, '7'],
        ['FIGURE', 4, 3, '2'],
        ['FIGURE', 5, 3, '6'],
        ['FIGURE', 5, 4, '1'],
      ),
    );
    expect(behindFigure(path, end, all, false)).toBe(end);
  });

  it('takes up the path at a square that is pressed, at what is still open there', () => {
    const marks = marksAfter(strokes(['FIGURE', 4, 3, '7']));
    expect(cursorAt(path, { row: 1, column: 3 }, marks).step).toBe(1);
    expect(cursorAt(path, { row: 4, column: 3 }, marks).step).toBe(2);
    expect(cursorAt(path, { row: 8, column: 8 }, marks).step).toBe(-1);
  });
});

describe('the cursor of somebody who sets 4236 + 18 out', () => {
  const copied = (row: number, column: number) =>
    ({ at: { row, column }, kind: 'FIGURE', figures: 1, part: 'COPIED' }) as const;
  const path: Path = [
    ...[2, 3, 4, 5].map((column) => copied(2, column)),
    ...[4, 5].map((column) => copied(3, column)),
    { at: { row: 3, column: 1 }, kind: 'FIGURE', figures: 1, part: 'SIGN' },
    { at: { row: 4, column: 5 }, kind: 'FIGURE', figures: 1, part: 'WORKED' },
    { at: { row: 4, column: 4 }, kind: 'FIGURE', figures: 1, part: 'WORKED' },
  ];

  /** The squares that the figures of some signs get, beginning in a square. */
  const squares = (row: number, column: number, signs: string, before = marksAfter([])) => {
    let cursor = cursorAt(path, { row, column }, before);
    const marks = [...before];
    return [...signs].map((text) => {
      const here = /\d/.test(text) ? cursorForDigit(path, cursor, marks, false) : cursor;
      marks.push({ kind: 'FIGURE', at: here.at, text });
      cursor = behindFigure(path, here, marks, false);
      return `${here.at.row},${here.at.column}`;
    });
  };

  it('goes along the path from its beginning on', () => {
    expect(squares(2, 2, '423618+45')).toEqual([
      '2,2',
      '2,3',
      '2,4',
      '2,5',
      '3,4',
      '3,5',
      '3,1',
      '4,5',
      '4,4',
    ]);
  });

  it('stays in the row of a number that is begun further right', () => {
    expect(squares(2, 3, '4236')).toEqual(['2,3', '2,4', '2,5', '2,6']);
  });

  it('stays in the row of a number that is begun further left', () => {
    expect(squares(2, 1, '4236')).toEqual(['2,1', '2,2', '2,3', '2,4']);
  });

  it('copies to the right and works to the left elsewhere on the sheet', () => {
    expect(squares(9, 7, '4236')).toEqual(['9,7', '9,8', '9,9', '9,10']);
    const copied = strokes(
      ['FIGURE', 9, 7, '4'],
      ['FIGURE', 9, 8, '2'],
      ['FIGURE', 9, 9, '3'],
      ['FIGURE', 9, 10, '6'],
      ['FIGURE', 10, 9, '1'],
      ['FIGURE', 10, 10, '8'],
    );
    expect(squares(11, 10, '4524', marksAfter(copied))).toEqual(['11,10', '11,9', '11,8', '11,7']);
  });

  it('leaves the square of the sign to the sign', () => {
    expect(squares(3, 4, '1845')).toEqual(['3,4', '3,5', '4,5', '4,4']);
    const onSign = cursorAt(path, { row: 3, column: 1 }, []);
    expect(cursorForDigit(path, onSign, [], false).at).toEqual({ row: 4, column: 5 });
  });
});
