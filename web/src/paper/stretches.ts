import type { Mark, Paper } from '../api/types';

/**
 * How many marks are drawn together: a step changes a few of them, and the others stay as drawn.
 */
const TOGETHER = 48;

/** Marks that follow one another in order of writing. */
export interface Stretch {
  marks: Mark[];
  /** The first step that changes a mark, and the last. */
  first: number;
  last: number;
}

const known = new WeakMap<Paper, Stretch[]>();

/** The marks of a paper in stretches, the same ones whenever the paper is the same. */
export function stretchesOf(paper: Paper): Stretch[] {
  const stretches = known.get(paper) ?? cut(paper.marks);
  known.set(paper, stretches);
  return stretches;
}

function cut(marks: Mark[]): Stretch[] {
  const stretches: Stretch[] = [];
  for (let from = 0; from < marks.length; from += TOGETHER) {
    const together = marks.slice(from, from + TOGETHER);
    const steps = together.flatMap(({ step, gone }) =>
      gone === undefined ? [step] : [step, gone],
    );
    stretches.push({ marks: together, first: Math.min(...steps), last: Math.max(...steps) });
  }
  return stretches;
}

/**
 * The step, as near to its changes as can be, at which a stretch looks as it does at another: long
 * before and long after, one step looks like the next.
 */
export const stepFor = ({ first, last }: Stretch, step: number) =>
  Math.min(Math.max(step, first - 1), last + 1);
