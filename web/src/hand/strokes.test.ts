import { describe, expect, it } from 'vitest';
import cases from '../test/page-of-strokes.txt?raw';
import { strokes } from '../test/strokes';
import { marksAfter, strokesFor, type Done } from './strokes';

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
    const back = strokesFor(at, before);
    const squares = (marks: typeof before) => new Set(marks.map((mark) => JSON.stringify(mark)));
    expect(squares(marksAfter([...changed, ...back]))).toEqual(squares(before));
  });
});

/** The app tries the same file on its own description of a page. */
describe('a page of strokes', () => {
  const KINDS = {
    F: 'FIGURE',
    A: 'AID',
    N: 'NUMBER',
    P: 'POINT',
    S: 'STRIKE',
    L: 'LINE',
    R: 'RUB',
  } as const;
  const read = (text: string): Done[] =>
    text
      .split(' ')
      .filter((each) => each !== '')
      .map((each) => {
        const [kind, row, column, written] = each.split(',');
        return {
          kind: KINDS[kind as keyof typeof KINDS],
          row: Number(row),
          column: Number(column),
          text: written ?? '',
        };
      });

  it('has what the app says in a thousand cases', () => {
    const lines = cases.trim().split('\n');
    expect(lines).toHaveLength(1000);
    for (const line of lines) {
      const [done = '', page = ''] = line.split(' |');
      const marks = marksAfter(read(done)).filter(
        ({ kind }) => kind !== 'STRIKE' && kind !== 'LINE',
      );
      const told = marks.map(({ kind, at, text }) => ({ kind, ...at, text }));
      expect(told, line).toEqual(read(page));
    }
  });
});
