import { describe, expect, it } from 'vitest';
import type { Paper } from '../api/types';
import { asPaper } from './asPaper';

const START = { row: 2, column: 5 };

describe('asPaper', () => {
  const extent = { from: { row: 0, column: 0 }, to: { row: 8, column: 8 } };
  const small = { kind: 'AID', at: START, text: '1' } as const;

  it('draws a small figure in the middle of an empty square', () => {
    expect(asPaper([small], extent).marks[0]?.shape).toMatchObject({ spot: 'SMALL' });
  });

  it('moves a small figure into the corner where a figure stands or is printed', () => {
    const corner = { spot: 'UPPER_LEFT' };
    const written = asPaper([{ kind: 'FIGURE', at: START, text: '4' }, small], extent);
    expect(written.marks[1]?.shape).toMatchObject(corner);
    const printed: Paper = {
      extent,
      marks: [{ id: 0, role: 'GIVEN', step: 0, shape: { kind: 'figure', at: START, text: '4' } }],
    };
    expect(asPaper([small], extent, printed).marks[0]?.shape).toMatchObject(corner);
  });

  it('is as wide as what is written to its left', () => {
    const further = { kind: 'FIGURE', at: { row: 4, column: -2 }, text: '1' } as const;
    expect(asPaper([further], extent).extent.from).toEqual({ row: 0, column: -2 });
  });

  it('rules a line under its square', () => {
    const [line] = asPaper([{ kind: 'LINE', at: START, text: '' }], extent).marks;
    expect(line?.shape).toEqual({
      kind: 'line',
      from: { row: 3, column: 5 },
      to: { row: 3, column: 6 },
    });
  });
});
