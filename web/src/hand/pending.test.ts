import { describe, expect, it } from 'vitest';
import { squaresOf, strokesOf } from './pending';

describe('a number that is being typed', () => {
  const at = { row: 4, column: 5 };

  it('moves to the left as figures come, its last one where the ones belong', () => {
    const one = squaresOf({ at, kind: 'FIGURE', text: '3' });
    expect(one).toEqual([{ kind: 'FIGURE', at, text: '3' }]);
    const two = squaresOf({ at, kind: 'FIGURE', text: '38' });
    expect(two.map(({ at: { column }, text }) => [column, text])).toEqual([
      [5, '8'],
      [4, '3'],
    ]);
  });

  it('is written whole into one square where its kind is', () => {
    expect(strokesOf({ at, kind: 'NUMBER', text: '350' })).toEqual([
      { kind: 'NUMBER', row: 4, column: 5, text: '350' },
    ]);
    expect(strokesOf({ at, kind: 'AID', text: '13' })).toHaveLength(1);
  });

  it('does not leave the sheet', () => {
    const edge = { row: 1, column: -19 };
    expect(squaresOf({ at: edge, kind: 'FIGURE', text: '456' }).map(({ text }) => text)).toEqual([
      '6',
      '5',
    ]);
  });
});
