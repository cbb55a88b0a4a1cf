import type { Working } from '../api/types';
import type { Layer } from '../paper/Sheet';

/** The working and its check on one page, each as far as it has come. */
export function layersAt(working: Working, step: number): [Layer, Layer] {
  const done = working.steps.length;
  return [
    { paper: working.paper, step: Math.min(step, done - 1), fresh: step < done },
    { paper: working.check.paper, step: step - done, fresh: true, pale: true },
  ];
}
