import { memo } from 'react';
import type { Report, Square } from '../api/types';
import { left, SIDE, top } from '../paper/geometry';

/** The signs of the judge under and around figures: each has a form of its own besides its colour. */
export const VerdictMarks = memo(function VerdictMarks({ report }: { report: Report }) {
  return (
    <g data-testid="verdicts">
      {report.figures.map(({ at, verdict, full }, index) => (
        <g key={index} data-verdict={verdict} data-row={at.row} data-column={at.column}>
          {(full || verdict !== 'RIGHT') && <VerdictSign at={at} verdict={verdict} />}
        </g>
      ))}
      {report.missing.map((at) => (
        <MissingBox key={`${at.row} ${at.column}`} at={at} />
      ))}
    </g>
  );
});

export function VerdictSign({
  at,
  verdict,
}: {
  at: Square;
  verdict: Report['figures'][number]['verdict'];
}) {
  const x = left(at);
  const y = top(at) + SIDE - 5;
  switch (verdict) {
    case 'RIGHT':
      return <line className="right" x1={x + 8} y1={y} x2={x + SIDE - 8} y2={y} />;
    case 'FIRST_SLIP':
      return <path className="slip" d={chevron(x, y)} />;
    case 'SLIP':
      return <path className="slip later" d={chevron(x, y)} />;
    case 'FOLLOWS':
      return <line className="follows" x1={x + 9} y1={y} x2={x + SIDE - 8} y2={y} />;
    case 'NOT_NEEDED':
      return (
        <rect
          className="stray"
          x={x + 4}
          y={top(at) + 4}
          width={SIDE - 8}
          height={SIDE - 8}
          rx={SIDE / 2}
        />
      );
  }
}

const chevron = (x: number, y: number) =>
  `M ${x + 9} ${y - 5} L ${x + SIDE / 2} ${y + 1} L ${x + SIDE - 9} ${y - 5}`;

function MissingBox({ at }: { at: Square }) {
  return (
    <rect
      className="missing"
      data-testid="missing"
      x={left(at) + 6.5}
      y={top(at) + 6.5}
      width={SIDE - 13}
      height={SIDE - 13}
      rx={6}
    />
  );
}
