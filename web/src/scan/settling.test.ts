import { expect, test } from 'vitest';
import type { Grid, Scan } from '../api/types';
import {
  answersOf,
  figureAfter,
  markOf,
  nextFigure,
  nextOpen,
  readOf,
  settledBy,
  unseenFigure,
} from './settling';

const grid = { pupils: [{ id: 7 }, { id: 3 }] } as Grid;

const page = (id: number, pupil: number | undefined, ...texts: (string | undefined)[]) => ({
  id,
  file: 'pile.pdf',
  number: id,
  pupil,
  answers: texts.map((text, sum) => ({
    sum,
    text,
    state: text === undefined ? ('ASK' as const) : ('RIGHT' as const),
  })),
});

const scan = (...pages: Scan['pages']) =>
  [
    {
      id: 1,
      handout: 4,
      state: 'READ',
      expected: pages.length,
      pages,
      writers: [],
      lookedThrough: [],
    },
  ] as Scan[];

test('goesSumBySumInTheOrderOfTheGrid', () => {
  const answers = answersOf(
    scan(page(11, 3, '5', undefined), page(12, 7, '6', '8')),
    grid,
    new Map(),
  );
  expect(answers.map(({ pupil, sum }) => [pupil, sum])).toEqual([
    [7, 0],
    [3, 0],
    [7, 1],
    [3, 1],
  ]);
});

test('leavesOutAPageThatIsNobodysYet', () => {
  expect(answersOf(scan(page(11, undefined, '5')), grid, new Map())).toEqual([]);
});

test('showsWhatIsOnItsWay', () => {
  const ahead = new Map([
    ['11 0', undefined],
    ['11 1', '9'],
  ]);
  const answers = answersOf(scan(page(11, 3, '5', undefined)), grid, ahead);
  expect(answers.map(({ text }) => text)).toEqual([undefined, '9']);
});

test('findsTheNextOpenOneRound', () => {
  const answers = answersOf(
    scan(page(11, 7, undefined, '4'), page(12, 3, '1', '2')),
    grid,
    new Map(),
  );
  expect(nextOpen(answers, 2)).toBe(0);
  expect(nextOpen(answers.slice(1), 0)).toBe(-1);
});

test('takesNoFigureForAWholeAnswer', () => {
  expect(['+', 'B', 'x', '7'].map((key) => settledBy(key, '42'))).toEqual([
    '42',
    '',
    'x',
    undefined,
  ]);
});

test('looksThroughTheFiguresThatAreMistakenMostFirst', () => {
  expect([nextFigure([]), nextFigure([7]), nextFigure([1, 7, 4])]).toEqual([7, 1, 9]);
});

test('looksThroughAllFiguresOnceMore', () => {
  const all = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9];
  expect(unseenFigure(all)).toBeUndefined();
  const order: number[] = [];
  for (
    let next: number | undefined = nextFigure(all);
    next !== undefined;
    next = figureAfter(next)
  ) {
    order.push(next);
  }
  expect([...order].sort()).toEqual(all);
});

test('countsWhatWasReadAndNotTakenBack', () => {
  const [pile] = scan(page(11, 7, '5', undefined, '6'));
  expect(pile && readOf(pile)).toEqual({ right: 2, wrong: 0, blank: 0, asked: 1 });
});

test('marksAnAnswerByWhatIsSaidOfItAndNoOtherAsRight', () => {
  const mark = (text?: string, read?: string) =>
    markOf({ scan: 1, page: 2, pupil: 3, sum: 0, text, read }, '42');
  expect(['42', '', 'x', '41'].map((text) => mark(text).words)).toEqual([
    '✓ 42',
    'Blank',
    'Unreadable',
    '41',
  ]);
  expect(mark(undefined, '42')).toEqual({ isSettled: false, words: '? 42' });
});
