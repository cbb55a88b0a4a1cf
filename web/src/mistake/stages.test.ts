import { describe, expect, it } from 'vitest';
import {
  counted,
  fromAddress,
  lastPlace,
  letter,
  mistakeAddress,
  placeOf,
  squareOf,
  stageAt,
} from './stages';

const STEPS = { page: 3, check: 2, right: 4 };

describe('the stages of a lesson', () => {
  it('follow one another without a gap', () => {
    const parts = Array.from({ length: 12 }, (_, place) => stageAt(place, STEPS));
    expect(parts.map(({ part, step }) => `${part} ${step}`)).toEqual([
      'page 0',
      'page 1',
      'page 2',
      'vote 0',
      'check 0',
      'check 1',
      'question 0',
      'right 0',
      'right 1',
      'right 2',
      'right 3',
      'after 0',
    ]);
    expect(lastPlace(STEPS)).toBe(11);
  });

  it('begin where they are said to begin, and stop at the end', () => {
    for (const part of ['page', 'vote', 'check', 'question', 'right', 'after'] as const) {
      expect(stageAt(placeOf(part, STEPS), STEPS)).toEqual({ part, step: 0 });
    }
    expect(stageAt(99, STEPS).part).toBe('after');
  });
});

describe('votes', () => {
  it('are typed by the letter of a square, small or large, and by no other key', () => {
    expect(letter(2)).toBe('c');
    expect(squareOf('c', 3)).toBe(2);
    expect(squareOf('C', 3)).toBe(2);
    expect(squareOf('d', 3)).toBeUndefined();
    expect(squareOf('Enter', 3)).toBeUndefined();
    expect(squareOf('1', 3)).toBeUndefined();
  });

  it('are counted by square', () => {
    expect([...counted([0, 2, 2])]).toEqual([
      [0, 1],
      [2, 2],
    ]);
  });
});

describe('the address of a lesson', () => {
  it('brings back the sums that it was made from', () => {
    const sums = [{ plain: '305 − 128', method: 'exchange' }, { plain: '46 × 8' }];
    const query = new URLSearchParams(mistakeAddress('no-placeholder', sums, 7).split('?')[1]);
    expect(query.get('slip')).toBe('no-placeholder');
    expect(query.get('seed')).toBe('7');
    expect(fromAddress(query.getAll('sum'))).toEqual([
      sums[0],
      { plain: '46 × 8', method: undefined },
    ]);
    expect(fromAddress(['exchange:', ''])).toEqual([]);
  });
});
