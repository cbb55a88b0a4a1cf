import { describe, expect, it } from 'vitest';
import type { Cell, Grid } from '../api/types';
import {
  absentFrom,
  nextBook,
  cellTold,
  isSameAnswers,
  isTyped,
  keyOf,
  moved,
  nextSpot,
  shownCell,
  wholeAnswer,
  withCells,
  type Ahead,
} from './entering';

describe('going on', () => {
  it('goes down a column and begins the next at its top', () => {
    expect(nextSpot({ row: 0, column: 1 }, 'down', 3, 2)).toEqual({ row: 1, column: 1 });
    expect(nextSpot({ row: 2, column: 0 }, 'down', 3, 2)).toEqual({ row: 0, column: 1 });
    expect(nextSpot({ row: 2, column: 1 }, 'down', 3, 2)).toEqual({ row: 0, column: 0 });
  });
  it('goes across a row and begins the next at its left', () => {
    expect(nextSpot({ row: 0, column: 1 }, 'across', 3, 2)).toEqual({ row: 1, column: 0 });
  });
  it('visits every square once, whichever way', () => {
    for (const way of ['down', 'across'] as const) {
      const seen = new Set<string>();
      let spot = { row: 0, column: 0 };
      for (let i = 0; i < 12; i++) {
        seen.add(`${spot.row} ${spot.column}`);
        spot = nextSpot(spot, way, 4, 3);
      }
      expect(seen.size).toBe(12);
      expect(spot).toEqual({ row: 0, column: 0 });
    }
  });
  it('stays within the grid with the arrows', () => {
    expect(moved({ row: 0, column: 0 }, 'ArrowUp', 3, 2)).toEqual({ row: 0, column: 0 });
    expect(moved({ row: 1, column: 0 }, 'End', 3, 2)).toEqual({ row: 1, column: 1 });
    expect(moved({ row: 1, column: 0 }, 'x', 3, 2)).toBeUndefined();
  });
});

describe('a row', () => {
  const cell = {
    pupil: 7,
    number: 1,
    given: '374',
    outcome: 'RIGHT',
    slips: [],
  } as unknown as Cell;
  const cells = new Map([[keyOf(7, 1), cell]]);
  const before = { cells, ahead: new Map<string, Ahead>() };

  it('stays as it is while others change', () => {
    const others = new Map(cells).set(keyOf(8, 1), { ...cell, pupil: 8 });
    expect(
      isSameAnswers(7, 3, before, { cells: others, ahead: new Map([['8 0', { given: '1' }]]) }),
    ).toBe(true);
  });
  it('is another with an answer more, typed, marked or taken away', () => {
    const marked = new Map(cells).set(keyOf(7, 1), { ...cell });
    expect(isSameAnswers(7, 3, before, { ...before, cells: marked })).toBe(false);
    expect(
      isSameAnswers(7, 3, before, { ...before, ahead: new Map([['7 2', { given: '4' }]]) }),
    ).toBe(false);
    const away = new Map([['7 1', {}]]);
    expect(isSameAnswers(7, 3, before, { ...before, ahead: away })).toBe(false);
  });
  it('shows what is typed before what is kept', () => {
    const known = { ...cell, given: '9' };
    const ahead = new Map([['7 1', { given: '9', cell: known }]]);
    expect(shownCell(before, '7 1')).toBe(cell);
    expect(shownCell({ cells, ahead }, '7 1')).toBe(known);
    expect(shownCell({ cells, ahead: new Map([['7 1', {}]]) }, '7 1')).toBeUndefined();
  });
});

describe('cells', () => {
  const cell = (pupil: number, given: string) =>
    ({ pupil, number: 1, given, outcome: 'WRONG', slips: [] }) as unknown as Cell;
  const cells = [cell(1, '4'), cell(2, '5'), cell(3, '6')];

  it('keep their places when one changes, and new ones come last', () => {
    const now = [cell(2, '7'), cell(4, '8')];
    const changed = withCells(cells, new Set([keyOf(2, 1), keyOf(4, 1)]), now);
    expect(changed.map(({ given }) => given)).toEqual(['4', '7', '6', '8']);
    expect(changed[0]).toBe(cells[0]);
    expect(changed[2]).toBe(cells[2]);
  });
  it('go when they were taken away', () => {
    const left = withCells(cells, new Set([keyOf(1, 1)]), []);
    expect(left.map(({ pupil }) => pupil)).toEqual([2, 3]);
  });
});

describe('keys', () => {
  it('have whole answers', () => {
    expect(wholeAnswer('+', '374')).toBe('374');
    expect(wholeAnswer('b', '374')).toBe('');
    expect(wholeAnswer('-', '374')).toBe('-');
    expect(wholeAnswer('x', '374')).toBe('x');
    expect(wholeAnswer('3', '374')).toBeUndefined();
  });
  it('type figures, and a remainder only behind some', () => {
    expect(isTyped('4', '')).toBe(true);
    expect(isTyped('r', '')).toBe(false);
    expect(isTyped('r', '18')).toBe(true);
    expect(isTyped('x', '18')).toBe(false);
  });
});

describe('a pupil who was absent', () => {
  const answers = { cells: new Map([['7 1', {} as Cell]]), ahead: new Map([['7 2', {}]]) };
  it('is noted in every square in which nothing stands', () => {
    expect(absentFrom(answers, 7, 4, 0).map(({ number }) => number)).toEqual([0, 3]);
  });
  it('is noted in the square at hand where all are filled', () => {
    expect(absentFrom(answers, 7, 4, 1)).toHaveLength(2);
    const full = { ...answers, ahead: new Map([0, 2, 3].map((each) => [`7 ${each}`, {}])) };
    expect(absentFrom(full, 7, 4, 1)).toEqual([{ pupil: 7, number: 1, to: 'absent' }]);
  });
  it('is followed by the next row', () => {
    expect(nextBook({ row: 1, column: 2 }, 'across', 3)).toEqual({ row: 2, column: 0 });
    expect(nextBook({ row: 2, column: 2 }, 'down', 3)).toEqual({ row: 0, column: 2 });
  });
});

describe('a square in words', () => {
  const grid = {
    pupils: [{ id: 3, name: 'Neve', left: false }],
    sums: [{ problem: '742 − 368', answer: '374' }],
  } as Grid;
  const spot = { row: 0, column: 0 };
  const cell = { given: '426', outcome: 'WRONG', slips: [{ id: 's', name: 'slip' }] } as Cell;
  it('names the pupil, the sum, the answer and the slip', () => {
    expect(cellTold(grid, spot, cell)).toBe('Neve, 1. 742 − 368 = 374: 426, wrong, slip');
    expect(cellTold(grid, spot, undefined)).toContain('nothing entered');
    expect(cellTold(grid, spot, { ...cell, outcome: 'BLANK', slips: [] })).toContain(': blank');
  });
});
