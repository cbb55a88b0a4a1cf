import { describe, expect, it } from 'vitest';
import type { Cell, Grid } from '../api/types';
import { blockOf, noRoom, placed, toSend, undone } from './changes';

describe('a change', () => {
  const change = { pupil: 3, number: 1, from: '374', to: '' };
  const decided = {
    pupil: 3,
    number: 1,
    given: '374',
    outcome: 'WRONG',
    slips: [{ id: 'skips-a-carry', name: 'a carry skipped' }],
    overruled: true,
  } as Cell;

  it('is sent with what was seen', () => {
    expect(toSend(change)).toEqual({ pupil: 3, number: 1, given: '', seen: '374' });
  });
  it('is taken back by its contrary', () => {
    expect(undone(undone(change))).toEqual(change);
    expect(toSend(undone({ pupil: 3, number: 1, to: '9' })).given).toBeUndefined();
  });
  it('brings back what a teacher had decided, and nothing else', () => {
    const typedOver = { ...change, was: decided };
    expect(toSend(typedOver).overruled).toBeUndefined();
    expect(toSend(undone(typedOver))).toEqual({
      pupil: 3,
      number: 1,
      given: '374',
      seen: '',
      overruled: { outcome: 'WRONG', slip: 'skips-a-carry' },
    });
    expect(toSend(undone(undone(typedOver))).overruled).toBeUndefined();
  });
});

describe('a block of answers', () => {
  const grid = {
    pupils: [11, 12, 13].map((id) => ({ id, name: '', left: false })),
    sums: [{}, {}],
  } as unknown as Grid;
  const corner = { row: 0, column: 0 };

  it('is parted by tabs or semicolons, never by commas', () => {
    expect(blockOf('374\t1,204\n426\t18 r 4')).toEqual([
      ['374', '1,204'],
      ['426', '18 r 4'],
    ]);
    expect(blockOf('374;12,5\r\n426;9')).toEqual([
      ['374', '12,5'],
      ['426', '9'],
    ]);
    expect(blockOf('1,204\n1,305')).toEqual([['1,204'], ['1,305']]);
  });
  it('has no names, no sums and more than one answer', () => {
    expect(blockOf('Neve\t374')).toBeUndefined();
    expect(blockOf('742 − 368\t57 × 38')).toBeUndefined();
    expect(blockOf('374')).toBeUndefined();
  });
  it('keeps empty fields at its edges', () => {
    expect(blockOf('\t374\n426\t')).toEqual([
      ['', '374'],
      ['426', ''],
    ]);
  });
  it('is entered from a square on, where something stands in it', () => {
    expect(
      placed(grid, { row: 1, column: 0 }, [
        ['', 'blank'],
        ['9', '-'],
      ]),
    ).toEqual([
      { pupil: 12, number: 1, to: '' },
      { pupil: 13, number: 0, to: '9' },
      { pupil: 13, number: 1, to: '-' },
    ]);
  });
  it('is entered whole or not at all', () => {
    expect(placed(grid, corner, [['1'], ['2'], ['3']])).toHaveLength(3);
    expect(placed(grid, { row: 1, column: 0 }, [['1'], ['2'], ['3']])).toBeUndefined();
    expect(placed(grid, { row: 0, column: 1 }, [['1'], ['2', '3']])).toBeUndefined();
    expect(noRoom(grid, { row: 1, column: 1 }, [['1'], ['2'], ['3', '4']])).toBe(
      'The copied answers have 3 rows and 2 columns. From this square on there is room for 2 and 1. ' +
        'Nothing was entered.',
    );
    expect(noRoom(grid, corner, [['1', '2', '3']])).toContain('have 1 row and 3 columns');
  });
});
