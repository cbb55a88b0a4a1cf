import { describe, expect, it } from 'vitest';
import { nextBefore } from './useLongList';

const part = (total: number, ...ids: number[]) => ({ total, entries: ids.map((id) => ({ id })) });

describe('a long list', () => {
  it('goes on before the last entry that is there', () => {
    const first = part(5, 9, 8, 7);
    expect(nextBefore(first, [first])).toBe(7);
  });

  it('ends where all are there', () => {
    const first = part(5, 9, 8, 7);
    const second = part(5, 6, 5);
    expect(nextBefore(second, [first, second])).toBeUndefined();
  });

  it('ends at once where there is nothing', () => {
    expect(nextBefore(part(0), [part(0)])).toBeUndefined();
  });

  it('ends where the rest was deleted meanwhile', () => {
    const first = part(5, 9, 8, 7);
    const second = part(5);
    expect(nextBefore(second, [first, second])).toBeUndefined();
  });
});
