import type { Hint } from '../api/types';
import { left, SIDE, top } from '../paper/geometry';
import type { WrittenMark } from './strokes';

export const asWritten = ({ kind, at, text }: WrittenMark) => ({
  at,
  text,
  spot: kind === 'FIGURE' ? ('FULL' as const) : ('SMALL' as const),
});

/** Marks that are not on the page yet: those of a hint, and a number that is being typed. */
export function Pale({
  written,
}: {
  written: Pick<Hint['shown'][number], 'at' | 'text' | 'spot'>[];
}) {
  return written.map(({ at, text, spot }, index) => (
    <text
      key={index}
      className={spot === 'FULL' ? 'figure' : 'small'}
      x={left(at) + SIDE / 2}
      y={top(at) + SIDE / 2}
      opacity={0.55}
    >
      {text}
    </text>
  ));
}
