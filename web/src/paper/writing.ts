import type { Mark, Paper, Square, Stroke } from '../api/types';

/** Free writing on squared paper: full figures, small figures, strikes, and lines under squares. */
export interface Writing {
  cursor: Square;
  marks: WrittenMark[];
  /** Earlier and taken-back states of the marks, the nearest last. */
  past: WrittenMark[][];
  future: WrittenMark[][];
}

export interface WrittenMark {
  kind: Exclude<Stroke['kind'], 'RUB'>;
  at: Square;
  text: string;
}

export type WritingAction =
  | { do: 'move'; rows: number; columns: number }
  | { do: 'go'; to: Square }
  | { do: 'write'; text: string }
  | { do: 'aid'; text: string }
  | { do: 'strike' }
  | { do: 'line' }
  | { do: 'rub' }
  | { do: 'clear' }
  | { do: 'undo' }
  | { do: 'redo' };

export const blankAt = (cursor: Square): Writing => ({ cursor, marks: [], past: [], future: [] });

const at = (mark: WrittenMark, square: Square) =>
  mark.at.row === square.row && mark.at.column === square.column;

function changed(writing: Writing, marks: WrittenMark[]): Writing {
  return { ...writing, marks, past: [...writing.past, writing.marks], future: [] };
}

/** Puts a mark in the square at the cursor, in the place of another of its kind. */
function put(writing: Writing, kind: WrittenMark['kind'], text: string): Writing {
  const others = writing.marks.filter((mark) => mark.kind !== kind || !at(mark, writing.cursor));
  return changed(writing, [...others, { kind, at: writing.cursor, text }]);
}

export function writingReducer(writing: Writing, action: WritingAction): Writing {
  const { cursor, marks, past, future } = writing;
  switch (action.do) {
    case 'move':
      return {
        ...writing,
        cursor: {
          row: Math.max(0, cursor.row + action.rows),
          column: Math.max(0, cursor.column + action.columns),
        },
      };
    case 'go':
      return { ...writing, cursor: action.to };
    case 'write':
      return put(writing, 'FIGURE', action.text);
    case 'aid':
      return put(writing, 'AID', action.text);
    case 'strike':
      return put(writing, 'STRIKE', '');
    case 'line':
      return put(writing, 'LINE', '');
    case 'rub':
      return changed(
        writing,
        marks.filter((mark) => !at(mark, cursor)),
      );
    case 'clear':
      return changed(writing, []);
    case 'undo': {
      const before = past.at(-1);
      return before
        ? { ...writing, marks: before, past: past.slice(0, -1), future: [...future, marks] }
        : writing;
    }
    case 'redo': {
      const after = future.at(-1);
      return after
        ? { ...writing, marks: after, past: [...past, marks], future: future.slice(0, -1) }
        : writing;
    }
  }
}

/** The writing as a paper, drawn like any other; small figures make way for what is printed. */
export function asPaper(marks: WrittenMark[], extent: Paper['extent'], printed?: Paper): Paper {
  const full = [
    ...marks.filter((mark) => mark.kind === 'FIGURE').map((mark) => mark.at),
    ...(printed?.marks ?? []).flatMap(({ shape }) => (shape.kind === 'figure' ? [shape.at] : [])),
  ];
  return {
    extent,
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
