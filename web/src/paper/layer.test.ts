import { describe, expect, it } from 'vitest';
import type { Mark, Paper } from '../api/types';
import { stillOpen } from './layer';

const figure = (role: Mark['role'], column: number, step: number): Mark =>
  ({
    id: column,
    role,
    step,
    shape: { kind: 'figure', at: { row: 1, column }, text: '4' },
  }) as Mark;

const at = (column: number) => ({ row: 1, column });

function paper(...marks: Mark[]): Paper {
  return { extent: { from: at(0), to: at(5) }, marks };
}

describe('the open squares of an answer', () => {
  const open = [at(4), at(3), at(2), at(1)];

  it('stay open until something is written in them, however long the answer is', () => {
    const sum = paper(figure('ANSWER', 4, 2), figure('ANSWER', 3, 3));
    expect(stillOpen({ paper: sum, step: 1, open })).toEqual(open);
    expect(stillOpen({ paper: sum, step: 2, open })).toEqual([at(3), at(2), at(1)]);
  });

  it('are closed in front of a quotient, which is written from the left', () => {
    const division = paper(figure('QUOTIENT', 2, 2), figure('QUOTIENT', 3, 5));
    expect(stillOpen({ paper: division, step: 3, open })).toEqual([at(4), at(3)]);
    expect(stillOpen({ paper: division, step: 1, open })).toEqual(open);
  });

  it('are none where a layer has none', () => {
    expect(stillOpen({ paper: paper(), step: 1 })).toEqual([]);
  });
});
