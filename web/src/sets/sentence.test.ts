import { describe, expect, it } from 'vitest';
import { counted, grouped, minutes, rangeWords, sizeWords, withSize, withWish } from './sentence';

const RECIPE = {
  operation: 'SUBTRACTION' as const,
  numbers: [{ figures: { from: 3, to: 3 } }, { figures: { from: 2, to: 3 }, of: '123' }],
  wishes: { exchanges: { from: 2, to: 2 } },
};

describe('a recipe as a sentence', () => {
  it('says ranges and sizes', () => {
    expect(rangeWords({ from: 3, to: 3 })).toBe('3');
    expect(rangeWords({ to: 3 })).toBe('0 to 3');
    expect(rangeWords({ from: 2 })).toBe('2 or more');
    expect(sizeWords({ figures: { from: 1, to: 1 } })).toBe('1 figure');
    expect(RECIPE.numbers.map(sizeWords)).toEqual(['3 figures', '2 to 3 figures of 123']);
  });

  it('takes a wish, changes it and leaves it out', () => {
    const more = withWish(RECIPE, 'zerosCrossed', { from: 1 });
    expect(more.wishes).toEqual({ ...RECIPE.wishes, zerosCrossed: { from: 1 } });
    expect(withWish(more, 'exchanges', { to: 1 }).wishes).toMatchObject({ exchanges: { to: 1 } });
    expect(withWish(more, 'zerosCrossed').wishes).toEqual(RECIPE.wishes);
  });

  it('changes the size of one number', () => {
    const size = { figures: { from: 4, to: 4 } };
    expect(withSize(RECIPE, 1, size).numbers).toEqual([RECIPE.numbers[0], size]);
  });

  it('sets the thousands of a count apart', () => {
    expect(grouped('12406')).toBe('12\u2009406');
    expect(grouped('999')).toBe('999');
    expect(grouped('1000000000000000000000')).toMatch(/^1(\u2009000){7}$/);
  });

  it('tells a time in minutes, never none', () => {
    expect(minutes({ classSeconds: 10, measured: 0 })).toBe('about 1 min, estimated');
    expect(minutes({ classSeconds: 520, measured: 34 })).toBe(
      'about 9 min at the pace of the class’s last 34 pages',
    );
  });

  it('takes a typed count and nothing else', () => {
    expect(['12', '0', '', '-1', '1.5', '9999'].map(counted)).toEqual([
      12,
      0,
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });
});
