import { describe, expect, it } from 'vitest';
import { sought } from './seeking';

const NAMES = ['Bram', 'Élise', 'Mabel', 'Mona Brook', 'Neve'];

const rowAfter = (letters: string, from = 0, pause = 100) => {
  let row = from;
  let seeking = undefined as Parameters<typeof sought>[2];
  [...letters].forEach((letter, index) => {
    const found = sought(NAMES, row, seeking, letter, index * pause);
    row = found?.row ?? row;
    seeking = found?.seeking ?? seeking;
  });
  return row;
};

describe('A name by its letters', () => {
  it('is found from the row of the cursor on', () => {
    expect(rowAfter('m')).toBe(2);
    expect(rowAfter('b', 3)).toBe(0);
  });
  it('is found by more letters in haste, and by the next letter after a pause', () => {
    expect(rowAfter('mo')).toBe(3);
    expect(rowAfter('mm', 0, 2000)).toBe(3);
  });
  it('needs no accents and no capitals', () => {
    expect(rowAfter('E')).toBe(1);
  });
  it('may be the second one of a pupil', () => {
    expect(rowAfter('bro')).toBe(3);
  });
  it('stays where nobody is called like that', () => {
    expect(rowAfter('z', 2)).toBe(2);
    expect(sought(NAMES, 2, { letters: 'mabel', at: 0 }, 'b', 10)).toBeUndefined();
  });
});
