import { describe, expect, it } from 'vitest';
import type { SetSum } from '../api/types';
import {
  EMPTY_SET,
  heldOrNot,
  inOrder,
  lineAt,
  moved,
  toDraw,
  toEven,
  type SetDraft,
  withDrawn,
  withLine,
  withTyped,
  without,
} from './draft';

const sum = (plain: string) => ({ plain }) as SetSum;
const LINES = [
  { rung: 'addition-ones-carry', count: 2 },
  { rung: 'addition-new-column', count: 1 },
];
const DRAFT: SetDraft = {
  ...EMPTY_SET,
  lines: LINES,
  sums: ['46 + 38', '27 + 15', '83 + 64', '1 + 2'].map(sum),
};
const plain = (draft: SetDraft) => draft.sums.map((each) => each.plain);

describe('a set in the making', () => {
  it('knows which line a sum comes from', () => {
    expect([0, 1, 2, 3].map((place) => lineAt(LINES, place))).toEqual([0, 0, 1, -1]);
  });

  it('loses a sum and one of its line, and the line with its last sum', () => {
    expect(without(DRAFT, 0).lines).toEqual([{ ...LINES[0], count: 1 }, LINES[1]]);
    expect(without(DRAFT, 2).lines).toEqual([LINES[0]]);
    expect(without(DRAFT, 3).lines).toEqual(LINES);
    expect(plain(without(DRAFT, 1))).toEqual(['46 + 38', '83 + 64', '1 + 2']);
  });

  it('moves a sum, but not over the ends', () => {
    expect(plain(moved(DRAFT, 0, 2))).toEqual(['27 + 15', '83 + 64', '46 + 38', '1 + 2']);
    expect(plain(moved(DRAFT, 3, -1))).toEqual(['46 + 38', '27 + 15', '1 + 2', '83 + 64']);
    expect(moved(DRAFT, 0, -1)).toBe(DRAFT);
    expect(moved(DRAFT, 3, 1)).toBe(DRAFT);
  });

  it('draws all sums of its lines anew but those that are held', () => {
    const held = heldOrNot(heldOrNot(heldOrNot(DRAFT, '27 + 15'), '83 + 64'), '83 + 64');
    expect(toDraw(held).held).toEqual({ 1: '27 + 15' });
    expect(toDraw(held).avoided).toEqual(plain(DRAFT));
  });

  it('draws one sum anew and holds all others', () => {
    expect(toDraw(DRAFT, 1).held).toEqual({ 0: '46 + 38', 2: '83 + 64' });
  });

  it('keeps what each place of a lesson is there for', () => {
    const lesson = {
      ...DRAFT,
      sums: DRAFT.sums.map((each) => ({ ...each, part: 'SHOW' as const })),
    };
    const parts = withDrawn(lesson, ['5 + 9', '6 + 7', '8 + 4'].map(sum)).sums.map(
      ({ part }) => part,
    );
    expect(parts).toEqual(['SHOW', 'SHOW', 'SHOW', 'SHOW']);
  });

  it('takes a typed sum once', () => {
    expect(plain(withTyped(DRAFT, ['27 + 15', '9 + 9'].map(sum)))).toEqual([
      ...plain(DRAFT),
      '9 + 9',
    ]);
  });

  it('keeps what was typed behind what is drawn', () => {
    expect(plain(withDrawn(DRAFT, ['5 + 9', '6 + 7', '8 + 4'].map(sum)))).toEqual([
      '5 + 9',
      '6 + 7',
      '8 + 4',
      '1 + 2',
    ]);
    const more = withLine(DRAFT, { rung: 'addition-zeros', count: 5 }, [sum('205 + 97')]);
    expect(plain(more).slice(2)).toEqual(['83 + 64', '205 + 97', '1 + 2']);
    expect(more.lines[2]).toEqual({ rung: 'addition-zeros', count: 1 });
  });
});

describe('the order of a set', () => {
  const timed = (name: string, seconds: number, part = 'PRACTISE') =>
    ({ plain: name, seconds, part }) as SetSum;
  const set = {
    ...EMPTY_SET,
    sums: [timed('a', 30), timed('b', 10), timed('c', 20, 'SHOW')],
  };
  it('begins with what is quickest, in each part of a lesson', () => {
    expect(plain(inOrder(set, 'quick'))).toEqual(['c', 'b', 'a']);
  });
  it('is any order where it is mixed, with the same sums', () => {
    const numbers = [0.9, 0.1, 0.5];
    const mixed = inOrder(set, 'mixed', () => numbers.pop() ?? 0);
    expect(plain(mixed)).toEqual(['c', 'b', 'a']);
    expect(plain(mixed).sort()).toEqual(['a', 'b', 'c']);
  });
  it('is sent with the places of what is held', () => {
    expect(toEven({ ...DRAFT, held: ['27 + 15'] }).held).toEqual([1]);
  });
});
