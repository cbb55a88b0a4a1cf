import { describe, expect, it } from 'vitest';
import type { Attempt, Stroke } from '../api/types';
import { cursorAt, marksAfter, nextCursor, strokesFor } from './strokes';

type Done = [kind: Stroke['kind'], row: number, column: number, text?: string];

function strokes(...done: Done[]): Stroke[] {
  return done.map(([kind, row, column, text = ''], number) => ({
    number,
    millis: 1000 * number,
    kind,
    row,
    column,
    text,
  }));
}

describe('marksAfter', () => {
  it('keeps the last figure of a square', () => {
    const marks = marksAfter(strokes(['FIGURE', 4, 2, '6'], ['FIGURE', 4, 2, '8']));
    expect(marks).toEqual([{ kind: 'FIGURE', at: { row: 4, column: 2 }, text: '8' }]);
  });

  it('takes a mark away that is written empty', () => {
    expect(marksAfter(strokes(['AID', 1, 1, '1'], ['AID', 1, 1]))).toEqual([]);
  });

  it('strikes at one press and takes the stroke away at the next', () => {
    const struck = strokes(['FIGURE', 2, 2, '5'], ['STRIKE', 2, 2]);
    expect(marksAfter(struck).map(({ kind }) => kind)).toEqual(['FIGURE', 'STRIKE']);
    const [figure] = struck;
    expect(figure && marksAfter([...struck, ...strokes(['STRIKE', 2, 2])])).toEqual([
      { kind: 'FIGURE', at: { row: 2, column: 2 }, text: '5' },
    ]);
  });

  it('rubs a square clean and leaves its neighbours', () => {
    const marks = marksAfter(
      strokes(['FIGURE', 2, 2, '5'], ['AID', 2, 2, '1'], ['FIGURE', 2, 3, '7'], ['RUB', 2, 2]),
    );
    expect(marks).toEqual([{ kind: 'FIGURE', at: { row: 2, column: 3 }, text: '7' }]);
  });
});

describe('strokesFor', () => {
  it('brings back a square as it was, whatever was done to it since', () => {
    const at = { row: 3, column: 3 };
    const before = marksAfter(
      strokes(['FIGURE', 3, 3, '4'], ['AID', 3, 3, '1'], ['STRIKE', 3, 3], ['FIGURE', 3, 4, '9']),
    );
    const changed = strokes(['FIGURE', 3, 3, '8'], ['FIGURE', 3, 4, '9']);
    const back = strokesFor(at, before).map((stroke, n) => ({
      ...stroke,
      ...at,
      number: changed.length + n,
      millis: 0,
    }));
    const squares = (marks: typeof before) => new Set(marks.map((mark) => JSON.stringify(mark)));
    expect(squares(marksAfter([...changed, ...back]))).toEqual(squares(before));
  });
});

describe('the cursor', () => {
  const path: Attempt['path'] = [
    { at: { row: 4, column: 4 }, kind: 'FIGURE', figures: 1 },
    { at: { row: 1, column: 3 }, kind: 'AID', figures: 1 },
    { at: { row: 4, column: 3 }, kind: 'FIGURE', figures: 1 },
    { at: { row: 1, column: 3 }, kind: 'AID', figures: 1 },
    { at: { row: 5, column: 4 }, kind: 'FIGURE', figures: 1 },
  ];
  const start = { at: { row: 4, column: 4 }, step: 0 };

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

  it('takes up the path at a square that is pressed, at what is still open there', () => {
    const marks = marksAfter(strokes(['FIGURE', 4, 3, '7']));
    expect(cursorAt(path, { row: 1, column: 3 }, marks).step).toBe(1);
    expect(cursorAt(path, { row: 4, column: 3 }, marks).step).toBe(2);
    expect(cursorAt(path, { row: 8, column: 8 }, marks).step).toBe(-1);
  });
});
