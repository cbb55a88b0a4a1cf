import { describe, expect, it } from 'vitest';
import { inFront } from './useBooks';

describe('Rows as the books lie', () => {
  const rows = [1, 2, 3, 4].map((id) => ({ id }));
  it('have those that are begun in front, in their order', () => {
    expect(inFront(rows, [3, 1]).map(({ id }) => id)).toEqual([3, 1, 2, 4]);
  });
  it('have no row that is gone, and each once', () => {
    expect(inFront(rows, [9, 4]).map(({ id }) => id)).toEqual([4, 1, 2, 3]);
  });
});
