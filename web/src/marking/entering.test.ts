import { describe, expect, it } from 'vitest';
import type { Cell, Grid } from '../api/types';
import { cellTold, isTyped, moved, nextSpot, toSend, undone, wholeAnswer } from './entering';

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

describe('keys', () => {
  it('have whole answers', () => {
    expect(wholeAnswer('+', '374')).toBe('374');
    expect(wholeAnswer('b', '374')).toBe('');
    expect(wholeAnswer('-', '374')).toBe('-');
    expect(wholeAnswer('3', '374')).toBeUndefined();
  });
  it('type figures, and a remainder only behind some', () => {
    expect(isTyped('4', '')).toBe(true);
    expect(isTyped('r', '')).toBe(false);
    expect(isTyped('r', '18')).toBe(true);
    expect(isTyped('x', '18')).toBe(false);
  });
});

describe('a change', () => {
  const change = { pupil: 3, number: 1, from: '374', to: '' };
  it('is sent with what was seen', () => {
    expect(toSend(change)).toEqual({ pupil: 3, number: 1, given: '', seen: '374' });
  });
  it('is taken back by its contrary', () => {
    expect(undone(undone(change))).toEqual(change);
    expect(toSend(undone({ pupil: 3, number: 1, to: '9' })).given).toBeUndefined();
  });
});

describe('a square in words', () => {
  const grid = {
    pupils: [{ id: 3, name: 'Neve', left: false }],
    sums: [{ problem: '742 − 368', answer: '374' }],
  } as Grid;
  const spot = { row: 0, column: 0 };
  const cell = { given: '426', mark: 'WRONG', slips: [{ id: 's', name: 'slip' }] } as Cell;
  it('names the pupil, the sum, the answer and the slip', () => {
    expect(cellTold(grid, spot, cell)).toBe('Neve, 1. 742 − 368 = 374: 426, wrong, slip');
    expect(cellTold(grid, spot, undefined)).toContain('nothing entered');
    expect(cellTold(grid, spot, { ...cell, mark: 'BLANK', slips: [] })).toContain(': blank');
  });
});
