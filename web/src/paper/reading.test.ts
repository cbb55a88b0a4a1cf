import { describe, expect, it } from 'vitest';
import type { Mark } from '../api/types';
import type { Layer } from './layer';
import { described, NAMELESS, readAloud } from './reading';

const NAMES = {
  columns: [
    { column: 1, name: 'tens' },
    { column: 2, name: 'ones' },
  ],
};

const figure = (row: number, column: number, text: string, more: Partial<Mark> = {}): Mark => ({
  id: row * 10 + column,
  role: 'GIVEN',
  step: 0,
  shape: { kind: 'figure', at: { row, column }, text },
  ...more,
});

const page = (step: number, ...marks: Mark[]): Layer[] => [
  { paper: { extent: { from: { row: 0, column: 0 }, to: { row: 3, column: 2 } }, marks }, step },
];

describe('a page read aloud', () => {
  it('goes row by row from the left, each figure with its place', () => {
    const layers = page(0, figure(1, 2, '8'), figure(0, 2, '6'), figure(0, 1, '4'));
    expect(readAloud(layers, NAMES)).toBe('Row 1: tens 4, ones 6. Row 2: ones 8.');
  });

  it('says nothing of a figure before its step, or when it is gone', () => {
    const layers = page(1, figure(0, 2, '6', { step: 2 }), figure(1, 2, '8', { gone: 1 }));
    expect(readAloud(layers, NAMES)).toBe('');
    expect(described({ row: 0, column: 2 }, layers, NAMES)).toBe('ones, row 1: blank');
  });

  it('tells a small figure from a large one in its square', () => {
    const at = { row: 0, column: 1 };
    const small = figure(0, 1, '1', {
      step: 1,
      shape: { kind: 'small', at, spot: 'UPPER_LEFT', text: '1' },
    });
    expect(described(at, page(1, figure(0, 1, '6'), small), NAMES)).toBe('tens, row 1: 6, small 1');
  });

  it('says of a square what is told of it', () => {
    const layers = page(0, figure(0, 1, '4'), figure(0, 2, '6'));
    const told = ({ column }: { column: number }) => (column === 1 ? 'first slip' : undefined);
    expect(readAloud(layers, NAMES, told)).toBe('Row 1: tens 4, first slip, ones 6.');
  });

  it('names the row of the answer', () => {
    const layers = page(0, figure(1, 2, '8'), figure(2, 2, '4'));
    const names = { ...NAMES, answerRow: 2 };
    expect(readAloud(layers, names)).toBe('Row 2: ones 8. Answer row: ones 4.');
    expect(described({ row: 2, column: 1 }, layers, names)).toBe('tens, answer row: blank');
  });

  it('says what is struck from its stroke on', () => {
    const struck = figure(0, 1, '4', { struck: 1 });
    expect(readAloud(page(0, struck), NAMES)).toBe('Row 1: tens 4.');
    expect(readAloud(page(1, struck), NAMES)).toBe('Row 1: tens 4 struck.');
  });

  it('counts columns where they have no names, and knows when it is beside them', () => {
    const layers = page(0, figure(0, 4, '7'));
    expect(described({ row: 0, column: 4 }, layers, NAMELESS)).toBe('column 5, row 1: 7');
    expect(described({ row: 0, column: 4 }, layers, NAMES)).toBe('beside the columns, row 1: 7');
  });
});
