import { describe, expect, it } from 'vitest';
import type { Grid } from '../api/types';
import { knownCell } from './known';

const slip = { id: 'smaller-from-larger', name: 'smaller taken from larger' };
const grid = {
  sums: [
    {
      right: '374',
      known: [
        { given: '374', outcome: 'RIGHT', slips: [] },
        { given: '426', outcome: 'WRONG', slips: [slip] },
        { given: '374.0', outcome: 'RIGHT', slips: [] },
      ],
    },
  ],
} as unknown as Grid;
const outcomeOf = (given: string) => knownCell(grid, 7, 0, given)?.outcome;

describe('what a square is worth, known beforehand', () => {
  it('is told of the right answer in each way in which it is listed', () => {
    expect(outcomeOf('374')).toBe('RIGHT');
    expect(outcomeOf('374.0')).toBe('RIGHT');
  });
  it('is told with the slip that gives a wrong answer', () => {
    expect(knownCell(grid, 7, 0, '426')).toEqual({
      pupil: 7,
      number: 0,
      given: '426',
      outcome: 'WRONG',
      slips: [slip],
      overruled: false,
    });
  });
  it('is wrong by no slip for any other whole number', () => {
    expect(knownCell(grid, 7, 0, '375')).toMatchObject({ outcome: 'WRONG', slips: [] });
    expect(outcomeOf('0')).toBe('WRONG');
  });
  it('is told of a blank and of a sum that was not asked', () => {
    expect(outcomeOf('')).toBe('BLANK');
    expect(outcomeOf('-')).toBe('LEFT_OUT');
    expect(outcomeOf('absent')).toBe('ABSENT');
  });
  it('is told of what is wrong, whatever it says', () => {
    expect(outcomeOf('x')).toBe('WRONG');
  });
  it('is left open for what may be the same number written in another way', () => {
    for (const given of ['0374', '374,', '374.00', '3,74', '374 r 0', '374r0', '1'.repeat(31)]) {
      expect(outcomeOf(given)).toBeUndefined();
    }
  });
  it('is left open for a sum that the grid has not', () => {
    expect(knownCell(grid, 7, 1, '374')).toBeUndefined();
  });
});
