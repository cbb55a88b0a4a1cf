import type { Mark, Paper, Square } from '../api/types';
import type { WrittenMark } from './strokes';

/** The sheet, wider where more was written to its left. */
function wideEnough({ from, to }: Paper['extent'], marks: WrittenMark[]): Paper['extent'] {
  const column = Math.min(from.column, ...marks.map(({ at }) => at.column));
  return { from: { ...from, column }, to };
}

/** The printed marks with the writing over them. */
export function onPrinted(printed: Paper, writing: Paper): Paper {
  const written = writing.marks.map((mark) => ({ ...mark, id: mark.id + printed.marks.length }));
  return { ...printed, marks: [...printed.marks, ...written] };
}

/** The writing as a paper, drawn like any other; small figures make way for printed marks. */
export function asPaper(marks: WrittenMark[], extent: Paper['extent'], printed?: Paper): Paper {
  const full = [
    ...marks.filter((mark) => mark.kind === 'FIGURE').map((mark) => mark.at),
    ...(printed?.marks ?? []).flatMap(({ shape }) => (shape.kind === 'figure' ? [shape.at] : [])),
  ];
  return {
    extent: wideEnough(extent, marks),
    marks: marks.map((mark, id) => ({
      id,
      role: mark.kind === 'AID' ? 'CARRY' : 'PARTIAL',
      step: 0,
      shape: shape(mark, full),
    })),
  };
}

function shape({ kind, at: square, text }: WrittenMark, full: Square[]): Mark['shape'] {
  const crowded = full.some((each) => each.row === square.row && each.column === square.column);
  switch (kind) {
    case 'FIGURE':
      return { kind: 'figure', at: square, text };
    case 'AID':
      return { kind: 'small', at: square, spot: crowded ? 'UPPER_LEFT' : 'SMALL', text };
    case 'POINT':
      return { kind: 'point', after: square, text };
    case 'NUMBER':
      return { kind: 'small', at: square, spot: 'SMALL', text };
    case 'UNREAD':
      return { kind: 'figure', at: square, text: '?' };
    case 'STRIKE':
      return { kind: 'strike', at: square, spot: 'FULL' };
    case 'LINE':
      return {
        kind: 'line',
        from: { row: square.row + 1, column: square.column },
        to: { row: square.row + 1, column: square.column + 1 },
      };
  }
}
