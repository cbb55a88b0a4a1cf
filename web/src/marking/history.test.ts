import { describe, expect, it } from 'vitest';
import type { Change } from './changes';
import { endOf } from './history';

describe('The end of a history', () => {
  const done = (changes: number) =>
    Array.from({ length: changes }, (): Change => ({ pupil: 1, number: 0 }));
  it('is all of it while it is short', () => {
    const history = [done(1), done(3)];
    expect(endOf(history, 4)).toEqual(history);
    expect(endOf([], 4)).toEqual([]);
  });
  it('has the last changes, and what was done together stays together', () => {
    expect(endOf([done(1), done(3), done(2)], 4).map((each) => each.length)).toEqual([2]);
    expect(endOf([done(1), done(3), done(2)], 5).map((each) => each.length)).toEqual([3, 2]);
  });
});
