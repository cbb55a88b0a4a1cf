import { describe, expect, it } from 'vitest';
import type { Paper } from '../api/types';
import { setOutArea } from './setOutArea';

const EXTENT = { from: { row: 0, column: 0 }, to: { row: 8, column: 6 } };
const figure = (row: number, column: number, step = 0) => ({
  step,
  shape: { kind: 'figure', at: { row, column }, text: '4' },
});
const paper = (...marks: unknown[]) => ({ extent: EXTENT, marks }) as Paper;

describe('the squares of a sum that is set out', () => {
  it('are those of its figures and the row of the answer', () => {
    const head = { step: 0, shape: { kind: 'words', at: { row: 0, column: 1 }, text: 'T' } };
    expect(setOutArea(paper(head, figure(3, 2), figure(4, 1), figure(4, 3)))).toEqual({
      from: { row: 3, column: 1 },
      to: { row: 5, column: 3 },
    });
  });
  it('are not those of the answer', () => {
    expect(setOutArea(paper(figure(3, 2), figure(7, 0, 1))).to).toEqual({ row: 4, column: 2 });
  });
  it('are all where nothing is written in figures', () => {
    expect(setOutArea(paper())).toEqual(EXTENT);
  });
});
