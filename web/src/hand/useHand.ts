import { useState } from 'react';
import type { Square } from '../api/types';
import { same } from '../paper/geometry';
import { cursorAt, nextCursor, type Cursor, type Path } from './path';
import type { Editor } from './useEditor';

/** A sheet that is written on. */
interface Sheet {
  editor: Editor;
  /** The squares in the order of a practised hand; empty where nobody knows what will be written. */
  path: Path;
  /** Where to begin where there is no path. */
  begin?: Square;
  /** Whether it can be written on. */
  open: boolean;
  onDone?: () => void;
}

/**
 * The hand over a sheet: where it is, and what it writes there. It goes on along the path, and
 * without one to the left, where the next place is.
 */
export function useHand({ editor, path, begin, open, onDone }: Sheet) {
  const { marks } = editor;
  const [moved, setCursor] = useState<Cursor | null>(null);
  /** Whether the cursor stops at the squares for small figures. */
  const [aids, setStops] = useState(true);
  const cursor = moved ?? { at: path[0]?.at ?? begin ?? { row: 1, column: 1 }, step: 0 };
  const { at } = cursor;
  const go = (to: Square) => setCursor(cursorAt(path, to, marks));
  const move = ({ row, column }: Square) =>
    go({ row: Math.max(0, at.row + row), column: Math.max(0, at.column + column) });
  const isFree = path.length === 0;
  const setAids = (stops: boolean) => {
    setStops(stops);
    if (!stops && path[cursor.step]?.kind === 'AID') {
      // It stands where it would not have stopped.
      setCursor(nextCursor(path, cursor, marks, false));
    }
  };

  const write = (sign: string, small: boolean) => {
    if (!open) {
      return;
    }
    onDone?.();
    if (sign === '.' || sign === ',') {
      // It belongs behind the figure that was written last, wherever the cursor has gone since.
      const last = isFree ? at : (marks.findLast((mark) => mark.kind === 'FIGURE')?.at ?? at);
      editor.write(last, { kind: 'POINT', text: '.' });
      return;
    }
    const meant = path[cursor.step];
    const there = (kind: 'AID' | 'NUMBER') =>
      marks.find((mark) => mark.kind === kind && same(mark.at, at))?.text ?? '';
    const isDigit = /\d/.test(sign);
    if (isDigit && meant?.kind === 'NUMBER' && !small) {
      editor.write(at, { kind: 'NUMBER', text: there('NUMBER') + sign });
      return;
    }
    const aid = isDigit && (small || (aids && meant?.kind === 'AID'));
    const standing = aid ? there('AID') : '';
    const figures = meant?.kind === 'AID' ? meant.figures : Infinity;
    const text = standing.length < figures ? standing + sign : sign;
    const kind = aid ? ('AID' as const) : ('FIGURE' as const);
    editor.write(at, { kind, text });
    if (!small && (!aid || text.length >= figures)) {
      if (isFree) {
        move(MOVES.ArrowLeft);
      } else {
        setCursor(nextCursor(path, cursor, [...marks, { kind, at, text }], aids));
      }
    }
  };

  /** What a key does that writes no sign; false where it is none of these. */
  const act = (key: string): boolean => {
    if (!open) {
      return false;
    }
    const kind = CHANGES[key];
    if (isMove(key)) {
      move(MOVES[key]);
    } else if (key === 'Enter') {
      if (isFree) {
        move(MOVES.ArrowDown);
      } else {
        setCursor(nextCursor(path, cursor, marks, aids));
      }
    } else if (kind) {
      editor.write(at, { kind, text: '' });
    } else {
      return false;
    }
    onDone?.();
    return true;
  };

  /** Goes to a square that somebody chose. */
  const press = (to: Square) => {
    go(to);
    onDone?.();
  };

  const turn = (which: 'undo' | 'redo') => {
    const to = open && editor.turn(which);
    if (to) {
      press(to);
    }
  };

  return { at, go: press, aids, setAids, write, act, turn };
}

const MOVES = {
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
} satisfies Record<string, Square>;

const isMove = (key: string): key is keyof typeof MOVES => key in MOVES;

const CHANGES: Record<string, 'STRIKE' | 'LINE' | 'RUB'> = {
  '/': 'STRIKE',
  _: 'LINE',
  Backspace: 'RUB',
  Delete: 'RUB',
};
