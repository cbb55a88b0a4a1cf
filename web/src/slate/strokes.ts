import type { Attempt, Square, Stroke } from '../api/types';
import { same } from '../paper/geometry';
import type { WrittenMark } from '../paper/writing';

type Kind = Stroke['kind'];

const MARKS: Partial<Record<Kind, WrittenMark['kind']>> = {
  FIGURE: 'figure',
  SMALL: 'small',
  CELL: 'number',
  POINT: 'point',
  STRIKE: 'strike',
  LINE: 'line',
};

/** What stands on the page after some strokes. */
export function marksAfter(strokes: Stroke[]): WrittenMark[] {
  let marks: WrittenMark[] = [];
  for (const { kind, row, column, text } of strokes) {
    const at = { row, column };
    const mark = MARKS[kind];
    if (!mark) {
      marks = marks.filter((each) => !same(each.at, at));
      continue;
    }
    const before = marks.find((each) => each.kind === mark && same(each.at, at));
    marks = marks.filter((each) => each !== before);
    const toggled = mark === 'strike' || mark === 'line';
    if (toggled ? !before : text !== '') {
      marks.push({ kind: mark, at, text });
    }
  }
  return marks;
}

const KINDS: Record<WrittenMark['kind'], Kind> = {
  figure: 'FIGURE',
  small: 'SMALL',
  number: 'CELL',
  point: 'POINT',
  strike: 'STRIKE',
  line: 'LINE',
};

/** The strokes that make a square as it was. */
export function strokesFor(at: Square, marks: WrittenMark[]): Pick<Stroke, 'kind' | 'text'>[] {
  return [
    { kind: 'RUB', text: '' },
    ...marks
      .filter((mark) => same(mark.at, at))
      .map(({ kind, text }) => ({ kind: KINDS[kind], text })),
  ];
}

/** Where the hand would go from a square; where it is at the end, it stays. */
export function nextSquare(
  path: Attempt['path'],
  from: Square,
  marks: WrittenMark[],
  aids: boolean,
): Square {
  const at = path.findIndex((step) => same(step.at, from));
  const open = path
    .slice(at + 1)
    .find(
      (step) =>
        !same(step.at, from) &&
        (aids || step.kind !== 'SMALL') &&
        !marks.some(
          (mark) => same(mark.at, step.at) && (mark.kind === 'small') === (step.kind === 'SMALL'),
        ),
    );
  return open?.at ?? from;
}

/** How a square is meant to be filled; figures where nothing is meant. */
export function meantFor(path: Attempt['path'], at: Square, marks: WrittenMark[]) {
  const steps = path.filter((step) => same(step.at, at));
  const filled = (kind: Kind) =>
    marks.some((mark) => same(mark.at, at) && mark.kind === MARKS[kind]);
  return steps.find(({ kind }) => !filled(kind)) ?? steps.at(-1);
}
