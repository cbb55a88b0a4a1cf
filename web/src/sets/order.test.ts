import { describe, expect, it } from 'vitest';
import { behind, behindDropped, behindMoved } from './order';

const row = ['a', 'b', 'c', 'd'].map((id) => ({ id }));

/** The row as the server makes it. */
function moved(id: string, to: string) {
  const rest = row.filter((each) => each.id !== id);
  rest.splice(to === '' ? 0 : rest.findIndex((each) => each.id === to) + 1, 0, { id });
  return rest.map((each) => each.id).join('');
}

describe('order', () => {
  it('says what comes before', () => {
    expect(behind(row, 'a')).toBe('');
    expect(behind(row, 'c')).toBe('b');
  });

  it('moves by one place and not over the end', () => {
    expect(moved('b', behindMoved(row, 'b', -1) ?? '?')).toBe('bacd');
    expect(moved('c', behindMoved(row, 'c', -1) ?? '?')).toBe('acbd');
    expect(moved('a', behindMoved(row, 'a', 1) ?? '?')).toBe('bacd');
    expect(behindMoved(row, 'a', -1)).toBeUndefined();
    expect(behindMoved(row, 'd', 1)).toBeUndefined();
  });

  it('takes the place of the one that it is dropped on', () => {
    for (const { id } of row) {
      for (const { id: on } of row) {
        const to = behindDropped(row, id, on);
        if (id === on) {
          expect(to).toBeUndefined();
        } else {
          expect(moved(id, to ?? '?').indexOf(id)).toBe(row.findIndex((each) => each.id === on));
        }
      }
    }
  });

  it('knows nothing of what is not in the row', () => {
    expect(behindDropped(row, 'a', 'x')).toBeUndefined();
    expect(behindDropped(row, 'x', 'a')).toBeUndefined();
  });
});
