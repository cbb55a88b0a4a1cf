import { describe, expect, it } from 'vitest';
import type { Grid, Stroke } from '../api/types';
import type { OnSheet } from './settling';
import { squaresOf, stepFrom, unreadOf, wrongOf } from './workings';

const stroke = (row: number, column: number, text = ''): Stroke => ({
  number: 0,
  millis: 0,
  kind: text === '' ? 'UNREAD' : 'FIGURE',
  row,
  column,
  text,
});

describe('workings', () => {
  const strokes = [stroke(4, 3, '7'), stroke(2, 1), stroke(4, 1), stroke(2, 0, '1')];

  it('go through their squares row by row, and round', () => {
    const squares = squaresOf(strokes);
    expect(squares.map(({ row, column }) => [row, column])).toEqual([
      [2, 0],
      [2, 1],
      [4, 1],
      [4, 3],
    ]);
    expect(stepFrom(squares, squares[3], 1)).toEqual(squares[0]);
    expect(stepFrom(squares, squares[0], -1)).toEqual(squares[3]);
    expect(stepFrom(squares, undefined, 1)).toEqual(squares[0]);
    expect(stepFrom(squares, { row: 9, column: 9 }, -1)).toEqual(squares[3]);
    expect(unreadOf(strokes)).toEqual([squares[1], squares[2]]);
  });

  it('are those of wrong numbers that were read', () => {
    const answer = (sum: number, text?: string, unread?: number) =>
      ({ scan: 1, page: 1, pupil: 1, sum, text, unread }) as OnSheet;
    const grid = { sums: [{ right: '416' }, { right: '96' }] } as Grid;
    const wrong = answer(0, '426', 2);
    const others = [answer(0, '416', 0), answer(1, '96'), answer(1, 'x', 1), answer(1, '', 0)];
    expect(wrongOf([wrong, answer(0, undefined, 1), answer(1, '97'), ...others], grid)).toEqual([
      wrong,
    ]);
  });
});
