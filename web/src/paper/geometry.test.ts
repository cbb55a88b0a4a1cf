import { describe, expect, it } from 'vitest';
import type { Mark, Paper } from '../api/types';
import {
  bounds,
  home,
  shownArea,
  left,
  middleX,
  middleY,
  partOf,
  reach,
  same,
  SIDE,
  smallMiddle,
  top,
} from './geometry';

const square = (row: number, column: number) => ({ row, column });
const mark = (shape: Mark['shape'], more: Partial<Mark> = {}): Mark => ({
  id: 0,
  role: 'PARTIAL',
  step: 0,
  shape,
  ...more,
});
const sheet = (from: [number, number], to: [number, number], marks: Mark[] = []): Paper => ({
  extent: { from: square(...from), to: square(...to) },
  marks,
});

describe('squares', () => {
  it('lie side by side, rows downwards', () => {
    expect(left(square(9, 3)) - left(square(0, 2))).toBe(SIDE);
    expect(top(square(3, 9)) - top(square(2, 0))).toBe(SIDE);
    expect([middleX(square(0, 0)), middleY(square(0, 0))]).toEqual([SIDE / 2, SIDE / 2]);
  });

  it('are the same where row and column are', () => {
    expect(same(square(1, 2), square(1, 2))).toBe(true);
    expect(same(square(1, 2), square(2, 1))).toBe(false);
  });
});

describe('smallMiddle', () => {
  const at = square(1, 1);

  it('keeps a number of two figures clear of the figure behind it', () => {
    const one = smallMiddle({ at, spot: 'UPPER_LEFT', text: '1' });
    const two = smallMiddle({ at, spot: 'UPPER_LEFT', text: '11' });
    expect(two.x).toBeLessThan(one.x);
    expect(two.y).toBe(one.y);
  });

  it('leaves a number in a row for small figures in the middle of its square', () => {
    const two = smallMiddle({ at, spot: 'SMALL', text: '13' });
    expect(two).toEqual({ x: middleX(at), y: middleY(at) });
  });
});

describe('what is in sight', () => {
  const figure = (row: number, column: number, step: number) =>
    mark({ kind: 'figure', at: square(row, column), text: '7' }, { step });
  const line = mark({ kind: 'line', from: square(2, 0), to: square(2, 5) }, { step: 1 });
  const words = mark(
    { kind: 'words', at: square(1, 6), side: 'FROM_LEFT', text: '11 × 1' },
    { step: 2 },
  );
  const paper = sheet([0, 0], [9, 20], [figure(1, 3, 0), line, words, figure(8, 15, 3)]);
  const end = (step: number) => shownArea([{ paper, step }]).to;

  it('is as wide and as long as what stands there at a step', () => {
    expect(end(0)).toEqual(square(1, 3));
    expect(end(1)).toEqual(square(2, 5));
    expect(end(3)).toEqual(square(8, 15));
  });

  it('has room for words, which run on', () => {
    expect(end(2)).toEqual(square(2, 8));
  });

  it('begins where the paper begins, and never ends beyond it', () => {
    const far = sheet([0, 1], [2, 6], [words, mark(words.shape, { step: 0 })]);
    expect(shownArea([{ paper: far, step: 2 }])).toEqual({ from: square(0, 1), to: square(1, 6) });
  });
});

describe('bounds', () => {
  it('holds all of two papers', () => {
    expect(bounds([sheet([0, 2], [4, 6]), sheet([7, 0], [9, 3])])).toEqual({
      from: square(0, 0),
      to: square(9, 6),
    });
  });
});

describe('home', () => {
  it('is where an arrow points, where a line starts and after which figure a point stands', () => {
    const ends = { from: square(1, 1), to: square(5, 5) };
    expect(home(mark({ kind: 'arrow', ...ends }))).toEqual(square(5, 5));
    expect(home(mark({ kind: 'line', ...ends }))).toEqual(square(1, 1));
    expect(home(mark({ kind: 'point', after: square(2, 3), text: '.' }))).toEqual(square(2, 3));
    expect(home(mark({ kind: 'figure', at: square(2, 4), text: '7' }))).toEqual(square(2, 4));
  });
});

describe('reach', () => {
  it('rests while the part is in sight', () => {
    expect(reach(100, 400, 100, 500)).toBe(100);
    expect(reach(100, 400, 130, 180)).toBe(100);
  });

  it('brings a part out of sight into the middle, and not beyond the beginning', () => {
    expect(reach(100, 400, 480, 520)).toBe(300);
    expect(reach(900, 400, 480, 520)).toBe(300);
    expect(reach(900, 400, 60, 100)).toBe(0);
  });

  it('shows the beginning of a part larger than the view', () => {
    expect(reach(0, 400, 500, 1200)).toBe(500);
  });

  it('keeps a part that moves square by square in sight with few moves', () => {
    let at = 0;
    let moves = 0;
    for (let square = 60; square >= 0; square--) {
      const now = reach(at, 600, square * SIDE, (square + 1) * SIDE);
      moves += now === at ? 0 : 1;
      at = now;
      expect(at).toBeLessThanOrEqual(square * SIDE);
      expect(at + 600).toBeGreaterThanOrEqual((square + 1) * SIDE);
    }
    expect(moves).toBeLessThan(10);
  });
});

describe('a part of a page', () => {
  const figure = (row: number, column: number) =>
    mark({ kind: 'figure', at: square(row, column), text: '7' });

  it('is all of a page for which there is room, with half a square around it', () => {
    const page = sheet([1, 2], [3, 5], [figure(3, 5)]);
    const { box, goesOn, paper } = partOf(page, page.extent, { rows: 4, columns: 5 });
    expect(box).toEqual({ x: 1.5, y: 0.5, width: 5, height: 4 });
    expect(goesOn).toEqual({ right: false, below: false });
    expect(paper.marks).toHaveLength(1);
  });

  it('ends between two squares, and no mark is cut there, whatever the room', () => {
    const marks = [figure(0, 0), figure(9, 0), figure(0, 19)];
    const note = mark({ kind: 'words', at: square(0, 3), text: 'carried', side: 'FROM_LEFT' });
    const page = sheet([0, 0], [9, 19], [...marks, note]);
    for (let room = 2; room < 12; room += 0.3) {
      const { box, paper } = partOf(page, page.extent, { rows: room, columns: room });
      const right = box.x + box.width;
      expect(right % 1).toBe(0);
      expect(box.width).toBeLessThanOrEqual(room);
      expect(box.height).toBeLessThanOrEqual(room);
      expect(paper.marks.includes(note)).toBe(right >= 6);
      expect(paper.marks.includes(marks[2] as Mark)).toBe(false);
    }
  });
});
