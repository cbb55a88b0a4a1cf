import type { Square } from '../api/types';
import { left, SIDE, top } from '../paper/geometry';
import { counted, letter } from './stages';

/** A letter at the edge of each square that can be voted for, and its number of votes. */
export function Letters({ squares, votes }: { squares: Square[]; votes: number[] }) {
  const counts = counted(votes);
  return (
    <g data-testid="letters" className="letters">
      {squares.map((at, index) => {
        const count = counts.get(index) ?? 0;
        return (
          <g key={index} data-letter={letter(index)} data-votes={count}>
            <rect x={left(at) + 2} y={top(at) + 2} width={SIDE - 4} height={SIDE - 4} rx={5} />
            <text x={left(at) + 6} y={top(at) + 13}>
              {letter(index)}
            </text>
            {count > 0 && (
              <text className="count" x={left(at) + SIDE - 6} y={top(at) + SIDE - 11}>
                {count}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
