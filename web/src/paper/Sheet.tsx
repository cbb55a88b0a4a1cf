import { memo, useId, type ComponentProps } from 'react';
import type { Area, Mark, Square } from '../api/types';
import { left, SIDE, SPOTS, top } from './geometry';
import { stillOpen, timed, type Layer } from './layer';
import { MarkView } from './MarkView';
import { SHEET } from './SheetStyles';
import { stretchesOf, stepFor, type Stretch } from './stretches';

/** A drawing on squared paper, in the styles that stand on the page once for all of them. */
export function SheetSvg(props: ComponentProps<'svg'>) {
  return <svg className={SHEET} {...props} />;
}

/** All marks of a page's layers. */
export function Sheet({ layers }: { layers: Layer[] }) {
  return layers.map((layer, index) => <SheetLayer key={index} index={index} {...layer} />);
}

/** One layer, which is drawn again only after a change in it. */
const SheetLayer = memo(function SheetLayer({ index, ...layer }: Layer & { index: number }) {
  const { paper, step, fresh = false, boxless = layer.open !== undefined } = layer;
  return (
    <g data-layer={index}>
      {/* Beneath all figures, so that none is covered. */}
      {paper.marks
        .filter((mark) => timed(mark, layer) === 'fresh')
        .map((mark) => (
          <FreshSquare key={mark.id} mark={mark} />
        ))}
      {stillOpen(layer).map((at) => (
        <Box key={`${at.row} ${at.column}`} at={at} />
      ))}
      {stretchesOf(paper).map((stretch) => (
        <MarkStretch
          key={stretch.marks[0]?.id}
          stretch={stretch}
          step={stepFor(stretch, step)}
          fresh={fresh}
          boxless={boxless}
        />
      ))}
    </g>
  );
});

/** The marks of a stretch; while no step changes any of them they are not looked at. */
const MarkStretch = memo(function MarkStretch({
  stretch,
  ...time
}: {
  stretch: Stretch;
  step: number;
  fresh: boolean;
  boxless: boolean;
}) {
  return (
    <g>
      {stretch.marks.map((mark) => {
        const when = timed(mark, time);
        if (when === 'hidden') {
          return null;
        }
        return when === 'expected' ? (
          <ExpectedFigure key={mark.id} mark={mark} />
        ) : (
          <MarkView key={mark.id} mark={mark} when={when} />
        );
      })}
    </g>
  );
});

/** The squares of the paper, wherever a drawing shows them. */
export const Squares = memo(function Squares({ x = 0, y = 0 }: { x?: number; y?: number }) {
  const id = useId();
  return (
    <>
      <defs>
        <pattern id={id} width={SIDE} height={SIDE} patternUnits="userSpaceOnUse">
          <path className="grid" d={`M ${SIDE} 0 V ${SIDE} H 0`} />
        </pattern>
      </defs>
      <rect x={x} y={y} width="100%" height="100%" fill={`url(#${id})`} />
    </>
  );
});

/** The wash over the squares at work. */
export function Wash({ area: { from, to } }: { area: Area }) {
  return (
    <rect
      className="wash"
      x={left(from)}
      y={top(from)}
      width={(to.column - from.column + 1) * SIDE}
      height={(to.row - from.row + 1) * SIDE}
    />
  );
}

/** The box in which a figure of the answer will stand. */
const ExpectedFigure = memo(function ExpectedFigure({ mark: { shape } }: { mark: Mark }) {
  return shape.kind === 'figure' ? <Box at={shape.at} /> : null;
});

function Box({ at }: { at: Square }) {
  return (
    <rect
      className="box"
      x={left(at) + 6.5}
      y={top(at) + 6.5}
      width={SIDE - 13}
      height={SIDE - 13}
      rx={6}
    />
  );
}

/** Sets off a figure with a value that was just written. */
function FreshSquare({ mark: { shape, place } }: { mark: Mark }) {
  if ((shape.kind !== 'figure' && shape.kind !== 'small') || place === undefined) {
    return null;
  }
  const spot = SPOTS[shape.kind === 'figure' ? 'FULL' : shape.spot];
  const side = shape.kind === 'figure' ? SIDE - 10 : SIDE / 2 + 2;
  return (
    <rect
      className="fresh-square"
      x={left(shape.at) + spot.x * SIDE - side / 2}
      y={top(shape.at) + spot.y * SIDE - side / 2}
      width={side}
      height={side}
      rx={5}
    />
  );
}
