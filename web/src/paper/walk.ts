import type { Area, ColumnName, Square } from '../api/types';
import { useKeys } from '../ui/useKeys';
import { home, same } from './geometry';
import type { Layer } from './Sheet';

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

/** A square in words: its place, its row, and what stands in it. */
export function described(square: Square, layers: Layer[], names: ColumnName[]): string {
  const place = names.find(({ column }) => column === square.column)?.name ?? 'beside the columns';
  const texts = layers.flatMap(({ paper, step }) =>
    paper.marks
      .filter((mark) => mark.step <= step && same(home(mark), square))
      .map(({ shape, struck }) => {
        const crossed = struck !== undefined && struck <= step ? ' struck' : '';
        switch (shape.kind) {
          case 'figure':
            return shape.text + crossed;
          case 'small':
            return `small ${shape.text}${crossed}`;
          case 'words':
            return shape.text;
          case 'counter':
            return shape.thing.toLowerCase().replace('_', ' ') + crossed;
          default:
            return '';
        }
      })
      .filter((text) => text !== ''),
  );
  return `${place}, row ${square.row + 1}: ${texts.join(', ') || 'blank'}`;
}
