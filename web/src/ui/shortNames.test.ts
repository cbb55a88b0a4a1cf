import { describe, expect, it } from 'vitest';
import { shortNames } from './shortNames';

const ROOM = 11;

describe('names in a narrow column', () => {
  it('stay whole where there is room for them', () => {
    expect(shortNames(['Averil', 'Bram'], ROOM)).toEqual(['Averil', 'Bram']);
  });

  it('show their beginning where that tells them apart', () => {
    expect(shortNames(['Wilhelmina Rosewarne', 'Wilfred'], ROOM)).toEqual([
      'Wilhelmina…',
      'Wilfred',
    ]);
  });

  it('show where they differ if they begin alike', () => {
    const twins = ['Mary-Magdalene Trewhella Ann', 'Mary-Magdalene Trewhella Beth'];
    expect(shortNames(twins, ROOM)).toEqual(['Mar…la Ann', 'Mar…a Beth']);
  });

  it('are told apart and keep to the room, whatever they share', () => {
    const parts = ['Tamsin', 'Rosewarne', 'Penhallow', 'Ann', 'Wilhelmina'];
    const names = parts.flatMap((one) =>
      parts.flatMap((two) => parts.map((three) => `${one}-${two} ${three}`)),
    );
    const short = shortNames(names, ROOM);
    expect(new Set(short).size).toBe(names.length);
    expect(short.filter((name) => name.length > ROOM)).toEqual([]);
  });
});
