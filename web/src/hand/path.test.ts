import { describe, expect, it } from 'vitest';
import { strokes } from '../test/strokes';
import { cursorAt, firstCursor, nextCursor, type Path } from './path';
import { marksAfter } from './strokes';

describe('the cursor', () => {
  const path: Path = [
    { at: { row: 4, column: 4 }, kind: 'FIGURE', figures: 1 },
    { at: { row: 1, column: 3 }, kind: 'AID', figures: 1 },
    { at: { row: 4, column: 3 }, kind: 'FIGURE', figures: 1 },
    { at: { row: 1, column: 3 }, kind: 'AID', figures: 1 },
    { at: { row: 5, column: 4 }, kind: 'FIGURE', figures: 1 },
  ];
  const start = { at: { row: 4, column: 4 }, step: 0 };

  it('begins at the first square at which it stops', () => {
    const later: Path = [{ at: { row: 0, column: 3 }, kind: 'AID', figures: 1 }, ...path];
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

  it('takes up the path at a square that is pressed, at what is still open there', () => {
    const marks = marksAfter(strokes(['FIGURE', 4, 3, '7']));
    expect(cursorAt(path, { row: 1, column: 3 }, marks).step).toBe(1);
    expect(cursorAt(path, { row: 4, column: 3 }, marks).step).toBe(2);
    expect(cursorAt(path, { row: 8, column: 8 }, marks).step).toBe(-1);
  });
});
