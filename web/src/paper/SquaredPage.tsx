import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { memo, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import type { Area, Square } from '../api/types';
import { bounds, home, LEAST_SIDE, middleX, middleY, reach, same, SIDE } from './geometry';
import type { Layer } from './layer';
import { described, NAMELESS, readAloud, type Names, type Told } from './reading';
import { Sheet, SheetSvg, Wash, Squares } from './Sheet';
import { useSize } from '../ui/useSize';
import { useWalk } from './walk';
import { t } from '../words';

/** The largest, which can be read from the back of a room. */
const LARGEST = 120;
/** Free squares around the work. */
const MARGIN = 1;

/** The left page: squared paper from edge to edge, the step now always in sight. */
export function SquaredPage({
  layers,
  focus,
  label,
  names = NAMELESS,
  walked = false,
  room,
  overlay,
  onSquare,
  sightOf,
  told,
}: {
  layers: Layer[];
  focus?: Area;
  label: string;
  /** The words for its places. */
  names?: Names;
  /** Whether the paper can be pointed at and walked over. */
  walked?: boolean;
  /** Whether squares grow until the work fills the page, to be read from the back of a room. */
  room?: boolean;
  /** Drawn over the marks, in their own units. */
  overlay?: ReactNode;
  onSquare?: (square: Square) => void;
  /** A square that must be in sight besides the step now. */
  sightOf?: Square;
  /** The words about a square for those who hear the page. */
  told?: Told;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(frame);
  const work = layers.length
    ? bounds(layers.map((layer) => layer.paper))
    : { from: { row: 0, column: 0 }, to: { row: 0, column: 0 } };
  const workColumns = work.to.column - work.from.column + 1;
  const workRows = work.to.row - work.from.row + 1;
  const [zoom, setZoom] = useState(1);
  const across = width / (workColumns + 2 * MARGIN);
  const largest = room ? Math.min(LARGEST, height / (workRows + MARGIN)) : SIDE;
  const fitting = Math.max(LEAST_SIDE, Math.min(largest, across));
  const side = fitting * zoom;
  const columns = Math.max(Math.ceil(width / side), workColumns + 2 * MARGIN);
  const rows = Math.max(Math.ceil(height / side), workRows + 2 * MARGIN);
  const shift = {
    column:
      Math.max(MARGIN, Math.floor((Math.floor(width / side) - workColumns) / 2)) - work.from.column,
    row: -work.from.row,
  };

  const fresh = layers
    .filter((layer) => layer.fresh)
    .flatMap(({ paper, step }) => paper.marks.filter((mark) => mark.step === step).map(home));
  const [pointer, setPointer] = useState<Square | null>(null);
  const walk = walked ? { pointer, setPointer } : null;
  useWalk(walk, work);
  const pointed = walk && pointer;
  const seen = [
    ...(focus ? [focus.from, focus.to] : []),
    ...fresh,
    ...(sightOf ? [sightOf] : []),
    ...(pointed ? [pointed] : []),
  ];
  const sight = JSON.stringify(
    seen.length && {
      top: (Math.min(...seen.map((s) => s.row)) + shift.row) * side,
      bottom: (Math.max(...seen.map((s) => s.row)) + shift.row + 1) * side,
      left: (Math.min(...seen.map((s) => s.column)) + shift.column) * side,
      right: (Math.max(...seen.map((s) => s.column)) + shift.column + 1) * side,
    },
  );
  // Before it is painted, so that a step is painted once.
  useLayoutEffect(
    () => keepInSight(frame.current, JSON.parse(sight) as Sight | 0),
    [sight, width, height],
  );

  const inPlace = `translate(${shift.column * SIDE} ${shift.row * SIDE})`;
  return (
    <Box sx={{ position: 'relative', height: '100%', minHeight: 0, minWidth: 0 }}>
      <Box
        ref={frame}
        role="group"
        aria-label={label}
        // It scrolls, so the keys must reach it.
        tabIndex={0}
        sx={{ height: '100%', overflow: 'auto' }}
        onClick={(event) => {
          const sheet = event.currentTarget.firstElementChild?.getBoundingClientRect();
          if (!sheet) {
            return;
          }
          const square = {
            row: Math.floor((event.clientY - sheet.top) / side) - shift.row,
            column: Math.floor((event.clientX - sheet.left) / side) - shift.column,
          };
          onSquare?.(square);
          if (walk) {
            setPointer(pointed && same(pointed, square) ? null : square);
          }
        }}
      >
        <SheetSvg
          width={columns * side}
          height={rows * side}
          viewBox={`0 0 ${columns * SIDE} ${rows * SIDE}`}
          role="img"
          aria-label={readAloud(layers, names, told) || t('paper.nothing-is-written-yet')}
          data-testid="paper"
        >
          <g transform={inPlace}>{focus && <Wash area={focus} />}</g>
          <Squares />
          <g transform={inPlace}>
            <Sheet layers={layers} />
            {overlay}
            {pointed && (
              <circle
                className="pointer"
                data-testid="pointer"
                cx={middleX(pointed)}
                cy={middleY(pointed)}
                r={SIDE * 0.62}
              />
            )}
          </g>
        </SheetSvg>
      </Box>
      {pointed && (
        <Box aria-live="polite" data-testid="pointed" sx={visuallyHidden}>
          {described(pointed, layers, names)}
        </Box>
      )}
      {layers.length > 0 && <Zoom zoom={zoom} onZoom={setZoom} />}
    </Box>
  );
}

const ZOOMS = [0.5, 0.75, 1, 1.5, 2, 3];

/** Makes the squares smaller or larger; they begin at the size that fits the page. */
const Zoom = memo(function Zoom({
  zoom,
  onZoom,
}: {
  zoom: number;
  onZoom: (zoom: number) => void;
}) {
  const at = ZOOMS.indexOf(zoom);
  const button = (name: string, sign: string, to: number | undefined) => (
    <Button
      aria-label={name}
      title={name}
      disabled={to === undefined}
      onClick={() => to !== undefined && onZoom(to)}
      sx={{ minHeight: 32, width: 32, p: 0 }}
    >
      {sign}
    </Button>
  );
  return (
    <Box
      sx={{
        position: 'absolute',
        right: 22,
        bottom: 18,
        display: 'flex',
        gap: 0.5,
        '@media print': { display: 'none' },
      }}
    >
      {button(t('paper.smaller-squares'), '−', ZOOMS[at - 1])}
      {button(t('paper.larger-squares'), '+', ZOOMS[at + 1])}
    </Box>
  );
});

interface Sight {
  top: number;
  bottom: number;
  left: number;
  right: number;
}

/** Scrolls the paper if the squares of the current step are not in sight. */
function keepInSight(frame: HTMLElement | null, sight: Sight | 0) {
  if (!frame || sight === 0) {
    return;
  }
  frame.scrollTo({
    top: reach(frame.scrollTop, frame.clientHeight, sight.top, sight.bottom),
    left: reach(frame.scrollLeft, frame.clientWidth, sight.left, sight.right),
    behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth',
  });
}
