import { memo } from 'react';
import type { Mark, Square } from '../api/types';
import type { When } from './layer';
import { left, middleX, middleY, SIDE, smallMiddle, SPOTS, top } from './geometry';

/** Half the stroke through a figure, as a part of the square's side. */
const STROKE = { full: 0.34, small: 0.26 };

/** Draws one mark. It knows the kinds of mark, and nothing of methods. */
export const MarkView = memo(function MarkView({ mark, when }: { mark: Mark; when: When }) {
  const { shape, role } = mark;
  switch (shape.kind) {
    case 'figure':
      return (
        <text
          className={`figure ${role} ${when}`}
          x={middleX(shape.at)}
          y={middleY(shape.at)}
          {...found(mark, shape.at, when)}
        >
          {shape.text}
        </text>
      );
    case 'small': {
      const { x, y } = smallMiddle(shape);
      return (
        <text className={`small ${role} ${when}`} x={x} y={y} {...found(mark, shape.at, when)}>
          {shape.text}
        </text>
      );
    }
    case 'point':
      return (
        <text
          className={`figure ${role} ${when}`}
          x={left(shape.after) + SIDE}
          y={middleY(shape.after)}
        >
          {shape.text}
        </text>
      );
    case 'strike': {
      const spot = SPOTS[shape.spot];
      const half = SIDE * (shape.spot === 'FULL' ? STROKE.full : STROKE.small);
      const x = left(shape.at) + spot.x * SIDE;
      const y = top(shape.at) + spot.y * SIDE;
      return (
        <line
          className={`strike ${when}`}
          x1={x - half}
          y1={y + half}
          x2={x + half}
          y2={y - half}
        />
      );
    }
    case 'line':
      return (
        <line
          className={`rule ${when}`}
          x1={left(shape.from)}
          y1={top(shape.from)}
          x2={left(shape.to)}
          y2={top(shape.to)}
        />
      );
    case 'ring': {
      const inset = 3;
      return (
        <rect
          className={`ring ${when}`}
          x={left(shape.from) + inset}
          y={top(shape.from) + inset}
          width={left(shape.to) - left(shape.from) + SIDE - 2 * inset}
          height={top(shape.to) - top(shape.from) + SIDE - 2 * inset}
          rx={SIDE / 3}
        />
      );
    }
    case 'link':
      return (
        <line
          className={`link ${when}`}
          x1={middleX(shape.from)}
          y1={middleY(shape.from) + SIDE * 0.4}
          x2={middleX(shape.to)}
          y2={middleY(shape.to) - SIDE * 0.4}
        />
      );
    case 'arrow':
      return <path className={`arrow ${when}`} d={arrow(shape.from, shape.to)} />;
    case 'hop':
      return <Hop from={shape.from} to={shape.to} label={shape.label} when={when} />;
    case 'counter':
      return <Counter mark={mark} at={shape.at} thing={shape.thing} when={when} />;
    case 'words':
      return (
        <text
          className={`words ${role} ${shape.side} ${when}`}
          x={left(shape.at) + { FROM_LEFT: 4, CENTRED: SIDE / 2, TO_RIGHT: SIDE - 4 }[shape.side]}
          y={middleY(shape.at)}
        >
          {shape.text}
        </text>
      );
  }
});

/** A shaft that stops short of its squares' middles, with a head of two strokes. */
function arrow(from: Square, to: Square) {
  const dx = middleX(to) - middleX(from);
  const dy = middleY(to) - middleY(from);
  const length = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / length, dy / length];
  const short = SIDE * 0.4;
  const [x1, y1] = [middleX(from) + ux * short, middleY(from) + uy * short];
  const [x2, y2] = [middleX(to) - ux * short, middleY(to) - uy * short];
  const head = (side: number) =>
    `M ${x2} ${y2} L ${x2 - 9 * ux - side * 5 * uy} ${y2 - 9 * uy + side * 5 * ux}`;
  return `M ${x1} ${y1} L ${x2} ${y2} ${head(1)} ${head(-1)}`;
}

/** An arc from the foot of one square to the foot of another, its length above it. */
function Hop({ from, to, label, when }: { from: Square; to: Square; label: string; when: When }) {
  const foot = top(from) + SIDE;
  const middle = (middleX(from) + middleX(to)) / 2;
  return (
    <g className={when}>
      <path
        className="hop"
        d={`M ${middleX(from)} ${foot} Q ${middle} ${foot - 1.7 * SIDE} ${middleX(to)} ${foot}`}
      />
      <text className="small HOP" x={middle} y={top(from) - 6} data-kind="hop">
        {label}
      </text>
    </g>
  );
}

type Thing = Extract<Mark['shape'], { kind: 'counter' }>['thing'];

function Counter({ mark, at, thing, when }: { mark: Mark; at: Square; thing: Thing; when: When }) {
  const open = thing === 'OPEN_DOT' || thing === 'OPEN_STICK';
  const struck = mark.struck === undefined ? '' : 'struck';
  return (
    <g className={`counter ${open ? 'open' : ''} ${struck} ${when}`} {...found(mark, at, when)}>
      {drawn(thing, middleX(at), middleY(at))}
    </g>
  );
}

function drawn(thing: Thing, x: number, y: number) {
  const half = SIDE * 0.36;
  switch (thing) {
    case 'DOT':
    case 'OPEN_DOT':
      return <circle cx={x} cy={y} r={SIDE * 0.24} />;
    case 'STICK':
    case 'OPEN_STICK':
      return <rect x={x - 5} y={y - half} width={10} height={2 * half} rx={3} />;
    case 'FLAT':
      return (
        <>
          <rect x={x - half} y={y - half} width={2 * half} height={2 * half} rx={2} />
          <path d={lattice(x, y, half)} />
        </>
      );
    case 'STACK':
      return (
        <>
          {[6, 3, 0].map((lift) => (
            <rect
              key={lift}
              x={x - half + lift}
              y={y - half + 4 - lift}
              width={2 * half - 6}
              height={2 * half - 4}
              rx={2}
            />
          ))}
          <path d={lattice(x - 3, y + 2, half - 3)} />
        </>
      );
  }
}

function lattice(x: number, y: number, half: number) {
  return [-1 / 3, 1 / 3]
    .map((part) => part * half)
    .map((at) => `M ${x + at} ${y - half} v ${2 * half} M ${x - half} ${y + at} h ${2 * half}`)
    .join(' ');
}

/** Attributes by which a page can be read square by square. */
function found(mark: Mark, square: Square, when: When) {
  return {
    'data-row': square.row,
    'data-column': square.column,
    'data-role': mark.role,
    'data-place': mark.place,
    'data-kind': mark.shape.kind,
    'data-when': when,
  };
}
