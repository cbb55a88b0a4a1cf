import type { Paper, Working } from '../api/types';
import type { Layer } from '../paper/layer';

/** The working and its check on one page, each as far as it has come. */
export function layersAt(working: Working, step: number): [Layer, Layer] {
  const done = working.steps.length;
  return [
    {
      paper: working.paper,
      step: Math.min(step, done - 1),
      fresh: step < done,
      // Once the answer is read off, no square stands open.
      open: step < done - 1 ? working.open : [],
    },
    {
      paper: working.check.paper,
      step: step - done,
      fresh: true,
      // Nothing of a check is to be seen before it begins; its room is kept.
      boxless: step < done,
    },
  ];
}

/** The paper with the marks that are there when the sum is set out for its writer. */
export function setOutPaper({ paper, setOut }: Working): Paper {
  const ids = new Set(setOut);
  return { ...paper, marks: paper.marks.filter(({ id }) => ids.has(id)) };
}
