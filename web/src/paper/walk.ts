import type { Area, Square } from '../api/types';
import { useKeys } from '../ui/useKeys';

const STEPS: Record<string, Square> = {
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
};

interface Walk {
  pointer: Square | null;
  setPointer: (to: Square | null) => void;
}

/** Shift with an arrow moves the pointer over the paper; Escape takes it away. */
export function useWalk(walk: Walk | null, work: Area) {
  useKeys((key, event) => {
    if (!walk) {
      return false;
    }
    const step = event.shiftKey ? STEPS[key] : undefined;
    if (step) {
      const { row, column } = walk.pointer ?? { row: work.from.row, column: work.to.column };
      walk.setPointer(
        walk.pointer ? { row: row + step.row, column: column + step.column } : work.from,
      );
      return true;
    }
    if (key === 'Escape' && walk.pointer) {
      walk.setPointer(null);
      return true;
    }
    return false;
  });
}
