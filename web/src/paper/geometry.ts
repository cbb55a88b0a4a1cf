import type { Area, Mark, Paper, Square } from '../api/types';
import { timed, type Layer } from './layer';

/** The side of a square in the drawing's own units; screens scale it. */
export const SIDE = 45;

/** The smallest side of a square, in pixels, at which all marks in it can be read. */
export const LEAST_SIDE = 24;

export const left = (square: Square) => square.column * SIDE;
export const top = (square: Square) => square.row * SIDE;
export const middleX = (square: Square) => left(square) + SIDE / 2;
export const middleY = (square: Square) => top(square) + SIDE / 2;

type Spot = Extract<Mark['shape'], { kind: 'small' }>['spot'];

/** Where in a square a small figure stands, as parts of its side. */
export const SPOTS: Record<Spot, { x: number; y: number }> = {
  FULL: { x: 0.5, y: 0.5 },
  SMALL: { x: 0.5, y: 0.5 },
  UPPER_LEFT: { x: 0.15, y: 0.3 },
  UPPER_RIGHT: { x: 0.78, y: 0.26 },
  LOWER_LEFT: { x: 0.24, y: 0.76 },
  LOWER_RIGHT: { x: 0.86, y: 0.74 },
};

/** How much further left a small number stands for each figure more, clear of the figure behind it. */
const BEFORE = 0.1;

/** Where the middle of a small number is, in the drawing's units. */
export function smallMiddle({ at, spot, text }: { at: Square; spot: Spot; text: string }) {
  const further = spot === 'UPPER_LEFT' ? BEFORE * (text.length - 1) : 0;
  return {
    x: left(at) + (SPOTS[spot].x - further) * SIDE,
    y: top(at) + SPOTS[spot].y * SIDE,
  };
}

/** The squares that hold all of some papers. */
export function bounds(papers: Paper[]): Area {
  const extents = papers.map((paper) => paper.extent);
  return {
    from: {
      row: Math.min(...extents.map((extent) => extent.from.row)),
      column: Math.min(...extents.map((extent) => extent.from.column)),
    },
    to: {
      row: Math.max(...extents.map((extent) => extent.to.row)),
      column: Math.max(...extents.map((extent) => extent.to.column)),
    },
  };
}

/** The squares that hold what some layers show at their steps, and all that is left of it or above. */
export function shownArea(layers: Layer[]): Area {
  const { from, to } = bounds(layers.map((layer) => layer.paper));
  const ends = layers.flatMap((layer) =>
    layer.paper.marks.filter((mark) => timed(mark, layer) !== 'hidden').map(end),
  );
  const last = (along: keyof Square) =>
    Math.min(to[along], Math.max(from[along], ...ends.map((square) => square[along])));
  return { from, to: { row: last('row'), column: last('column') } };
}

/** The last square that a mark reaches; words and small numbers run on beyond their own. */
function end({ shape }: Mark): Square {
  switch (shape.kind) {
    case 'line':
    case 'ring':
    case 'link':
    case 'hop':
    case 'arrow':
      return {
        row: Math.max(shape.from.row, shape.to.row),
        column: Math.max(shape.from.column, shape.to.column),
      };
    case 'point':
      return shape.after;
    case 'words':
    case 'small': {
      const { row, column } = shape.at;
      return { row, column: column + Math.floor(shape.text.length / 3) };
    }
    default:
      return shape.at;
  }
}

/** The square by which a mark is found on the page. */
export function home(mark: Mark): Square {
  const { shape } = mark;
  switch (shape.kind) {
    case 'line':
    case 'ring':
    case 'link':
    case 'hop':
      return shape.from;
    case 'arrow':
      return shape.to;
    case 'point':
      return shape.after;
    default:
      return shape.at;
  }
}

export const same = (one: Square, other: Square) =>
  one.row === other.row && one.column === other.column;

/**
 * Where a view should begin so that a part is in sight: where it begins now, if the part is; else
 * with the part in the middle, so that the next part is in sight too, whichever way it goes, and
 * the paper rests for some steps. If the part is larger than the view, its beginning is shown.
 */
export function reach(at: number, view: number, from: number, to: number): number {
  if (from >= at && to <= at + view) {
    return at;
  }
  return Math.max(0, Math.min(from, (from + to - view) / 2));
}

/**
 * The upper left part of a page that there is room for, with the marks that are whole there: in
 * squares, half a square of margin around it unless the page goes on.
 */
export function partOf(paper: Paper, extent: Area, room: { rows: number; columns: number }) {
  const { from } = extent;
  const along = (key: keyof Square, most: number) => {
    const all = extent.to[key] - from[key] + 1;
    const goesOn = all + 1 > most;
    const shown = goesOn ? Math.max(1, Math.floor(most - 0.5)) : all;
    return { goesOn, to: from[key] + shown - 1, length: shown + (goesOn ? 0.5 : 1) };
  };
  const down = along('row', room.rows);
  const across = along('column', room.columns);
  const isWhole = (mark: Mark) =>
    mark.shape.kind === 'line' ||
    ((!down.goesOn || end(mark).row <= down.to) &&
      (!across.goesOn || end(mark).column <= across.to));
  return {
    box: { x: from.column - 0.5, y: from.row - 0.5, width: across.length, height: down.length },
    goesOn: { right: across.goesOn, below: down.goesOn },
    paper: { ...paper, marks: paper.marks.filter(isWhole) },
  };
}
