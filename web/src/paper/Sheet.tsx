import { styled } from '@mui/material/styles';
import { memo, useId } from 'react';
import type { Area, Mark } from '../api/types';
import { left, SIDE, SPOTS, top } from './geometry';
import type { Layer } from './layer';
import { MarkView, type When } from './MarkView';

/** The styles of all marks, from the theme. */
export const SheetSvg = styled('svg')(({ theme: { palette, typography } }) => ({
  display: 'block',
  fontFamily: typography.fontFamily,
  fill: palette.ink.text,
  '& text': { dominantBaseline: 'central', textAnchor: 'middle' },
  '& .figure': { fontSize: 32 },
  '& .figure.ANSWER': { fontWeight: 700 },
  '& .small': { fontSize: 20, fontWeight: 700, fill: palette.ink.small },
  '& .words': { fontSize: 18, fontWeight: 700, fill: palette.ink.right },
  '& .FROM_LEFT': { textAnchor: 'start' },
  '& .TO_RIGHT': { textAnchor: 'end' },
  '& .words.HEAD': { fontSize: 17, fill: palette.ink.quiet },
  '& .small.PARTIAL, & .small.PRODUCT, & .small.STOP, & .small.MULTIPLE, & .small.REMAINDER': {
    fill: palette.ink.text,
    fontWeight: 400,
  },
  '& .words.NOTE': { fontWeight: 400 },
  '& .figure.PLACEHOLDER, & .figure.PADDING': { fill: palette.ink.quiet },
  '& .figure.QUOTIENT, & .figure.ROOT': { fontWeight: 700 },
  '& .figure.TRY, & .figure.LEAD': { fill: palette.ink.small },
  '& .ring': { stroke: palette.ink.small, strokeWidth: 2, fill: 'none' },
  '& .link': { stroke: palette.ink.nowEdge, strokeWidth: 2.5 },
  '& .arrow, & .hop': { stroke: palette.ink.small, strokeWidth: 2, fill: 'none' },
  '& .counter': { fill: palette.ink.right, stroke: palette.ink.action, strokeWidth: 1.5 },
  '& .counter path': { fill: 'none', stroke: palette.ink.page, strokeWidth: 1 },
  '& .counter.open': { fill: palette.ink.page, strokeWidth: 3 },
  '& .counter.struck': { opacity: 0.45 },
  '& .rule': { stroke: palette.ink.text, strokeWidth: 2.5, strokeLinecap: 'round' },
  '& .strike': { stroke: palette.ink.small, strokeWidth: 2.5, strokeLinecap: 'round' },
  '& .box': {
    fill: 'none',
    stroke: palette.ink.edge,
    strokeWidth: 1.25,
    strokeDasharray: '4 3.5',
  },
  '& .fresh-square': { fill: palette.ink.nowStrong },
  '& .wash': { fill: palette.ink.now },
  '& .grid': { stroke: palette.ink.square, strokeWidth: 1.25, fill: 'none' },
  '& .right': { stroke: palette.ink.right, strokeWidth: 3.5 },
  '& .follows': {
    stroke: palette.ink.slip,
    strokeWidth: 3.5,
    strokeLinecap: 'round',
    strokeDasharray: '0.1 6.5',
  },
  '& .slip': { stroke: palette.ink.slip, strokeWidth: 3.5, fill: 'none', strokeLinecap: 'round' },
  '& .slip.later': { strokeWidth: 2 },
  '& .stray': { stroke: palette.ink.slip, strokeWidth: 1.5, fill: 'none', strokeDasharray: '2 4' },
  '& .missing': { stroke: palette.ink.slip, strokeWidth: 2, fill: 'none', strokeDasharray: '5 4' },
  '& .hinted': { stroke: palette.ink.nowEdge, strokeWidth: 2.5, fill: palette.ink.now },
  '& .cursor': { fill: 'none', stroke: palette.ink.nowEdge, strokeWidth: 3 },
  '& .pointer': { fill: 'none', stroke: palette.ink.nowEdge, strokeWidth: 4 },
  // Where the system sets the colours, figures and lines keep to its own.
  '@media (forced-colors: active)': {
    forcedColorAdjust: 'none',
    fill: 'CanvasText',
    '& text': { fill: 'CanvasText' },
    '& .grid, & .box': { stroke: 'GrayText' },
    '& .wash, & .fresh-square': { fill: 'Canvas', stroke: 'Highlight', strokeWidth: 2 },
    '& line, & path:not(.grid), & .ring': { stroke: 'CanvasText' },
    '& .cursor, & .pointer, & .hinted': { stroke: 'Highlight', fill: 'none', strokeWidth: 5 },
    '& .missing, & .stray': { stroke: 'CanvasText' },
    '& .counter': { fill: 'CanvasText', stroke: 'Canvas' },
    '& .counter.open': { fill: 'Canvas', stroke: 'CanvasText' },
  },
}));

/** What of a paper is visible at its step: of later marks only where an answer will stand. */
function timed(mark: Mark, layer: Layer): When | 'expected' | 'hidden' {
  if (mark.step <= layer.step) {
    if (mark.gone !== undefined && mark.gone <= layer.step) {
      return 'hidden';
    }
    return layer.fresh && mark.step === layer.step ? 'fresh' : 'written';
  }
  if (mark.role === 'ANSWER' || mark.role === 'FOUND') {
    return layer.boxless ? 'hidden' : 'expected';
  }
  return 'hidden';
}

/** All marks of a page's layers. */
export function Sheet({ layers }: { layers: Layer[] }) {
  return layers.map((layer, index) => <SheetLayer key={index} index={index} {...layer} />);
}

/** One layer, which is drawn again only when something in it has changed. */
const SheetLayer = memo(function SheetLayer({ index, ...layer }: Layer & { index: number }) {
  const marks = layer.paper.marks
    .map((mark) => ({ mark, when: timed(mark, layer) }))
    .filter(({ when }) => when !== 'hidden');
  return (
    <g data-layer={index}>
      {/* Beneath all figures, so that none is covered. */}
      {marks.map(({ mark, when }) => when === 'fresh' && <FreshSquare key={mark.id} mark={mark} />)}
      {marks.map(({ mark, when }) =>
        when === 'expected' ? (
          <ExpectedFigure key={mark.id} mark={mark} />
        ) : (
          when !== 'hidden' && <MarkView key={mark.id} mark={mark} when={when} />
        ),
      )}
    </g>
  );
});

/** The squares of the paper, wherever a drawing shows them. */
export function Squares({ x = 0, y = 0 }: { x?: number; y?: number }) {
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
}

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
  return shape.kind === 'figure' ? (
    <rect
      className="box"
      x={left(shape.at) + 6.5}
      y={top(shape.at) + 6.5}
      width={SIDE - 13}
      height={SIDE - 13}
      rx={6}
    />
  ) : null;
});

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
