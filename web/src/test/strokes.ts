import type { Done } from '../hand/strokes';

type Short = [kind: Done['kind'], row: number, column: number, text?: string];

/** The strokes of a hand, in short: `strokes(['FIGURE', 4, 2, '6'], ['RUB', 4, 2])`. */
export function strokes(...done: Short[]): Done[] {
  return done.map(([kind, row, column, text = '']) => ({ kind, row, column, text }));
}
