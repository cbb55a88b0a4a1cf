import { useState } from 'react';
import type { Square } from '../api/types';
import { same } from '../paper/geometry';
import {
  behindFigure,
  cursorAt,
  cursorForDigit,
  firstCursor,
  isNumber,
  nextCursor,
  type Cursor,
  type Path,
} from './path';
import { FIRST_COLUMN, squaresOf, strokesOf, type Pending } from './pending';
import type { Done } from './strokes';
import type { Editor } from './useEditor';

/** A sheet that is written on. */
interface Sheet {
  editor: Editor;
  /** The squares in the order of a practised hand; empty where the next marks are not known. */
  path: Path;
  /** Where to begin where there is no path. */
  begin?: Square;
  /** Whether it can be written on. */
  open: boolean;
  onDone?: () => void;
}

/**
 * The hand over a sheet: its place, and its writing there. It goes on along the path, and without
 * one to the left, where the next place is.
 */
export function useHand({ editor, path, begin, open, onDone }: Sheet) {
  const { marks } = editor;
  const [moved, setCursor] = useState<Cursor | null>(null);
  /** Whether the cursor stops at the squares for small figures. */
  const [aids, setStops] = useState(false);
  /** The number that is being typed; it is not judged before it is complete. */
  const [pending, setPending] = useState<Pending | null>(null);
  const cursor = moved ??
    firstCursor(path, marks, aids) ?? { at: begin ?? { row: 1, column: 1 }, step: 0 };
  const { at } = cursor;
  const go = (to: Square) => setCursor(cursorAt(path, to, marks));
  const move = ({ row, column }: Square) =>
    go({ row: Math.max(0, at.row + row), column: Math.max(FIRST_COLUMN, at.column + column) });
  const isFree = path.length === 0;
  const setAids = (stops: boolean) => {
    settle();
    setStops(stops);
    if (!stops && path[cursor.step]?.kind === 'AID') {
      // The cursor is in a square for small figures, where it does not stop any more.
      setCursor(nextCursor(path, cursor, marks, false));
    }
  };

  const write = (sign: string, small: boolean) => {
    if (!open) {
      return;
    }
    onDone?.();
    const isDigit = /\d/.test(sign);
    const here = isDigit && !small ? cursorForDigit(path, cursor, marks, aids) : cursor;
    const { at } = here;
    const meant = path[here.step];
    if (sign === '.' || sign === ',') {
      // It belongs behind the figure that was written last, wherever the cursor has gone since.
      const last = isFree ? at : (marks.findLast((mark) => mark.kind === 'FIGURE')?.at ?? at);
      put([{ kind: 'POINT', ...last, text: '.' }]);
      return;
    }
    if (isDigit && !small && meant && isNumber(meant, aids)) {
      const typed = { at, kind: meant.kind, text: (pending?.text ?? '') + sign };
      if (typed.text.length < meant.figures) {
        setCursor(here);
        setPending(typed);
      } else {
        complete(typed, here);
      }
      return;
    }
    const aid = isDigit && (small || (aids && meant?.kind === 'AID'));
    const there = marks.find((mark) => mark.kind === 'AID' && same(mark.at, at))?.text ?? '';
    const text = aid && small ? there + sign : sign;
    const kind = aid ? ('AID' as const) : ('FIGURE' as const);
    put([{ kind, ...at, text }]);
    if (small) {
      return;
    }
    if (isFree) {
      move(MOVES.ArrowLeft);
    } else {
      setCursor(behindFigure(path, here, [...marks, { kind, at, text }], aids));
    }
  };

  /** Writes, and before it the figures of a number that its writer leaves. */
  const put = (more: Done[]) => {
    editor.write(pending ? [...strokesOf(pending), ...more] : more);
    setPending(null);
  };

  /** Writes a number that is complete, and goes on behind it. */
  const complete = (typed: Pending, from: Cursor) => {
    setPending(null);
    editor.write(strokesOf(typed));
    setCursor(nextCursor(path, from, [...marks, ...squaresOf(typed)], aids));
  };

  /** Writes the figures of a number that its writer leaves. */
  const settle = () => {
    if (pending) {
      put([]);
    }
  };

  /** Does the action of a key that writes no sign; false where the key has none. */
  const act = (key: string): boolean => {
    if (!open) {
      return false;
    }
    const kind = CHANGES[key];
    if (pending && kind === 'RUB') {
      const text = pending.text.slice(0, -1);
      setPending(text === '' ? null : { ...pending, text });
    } else if (pending && key === 'Enter') {
      complete(pending, cursor);
    } else if (isMove(key)) {
      settle();
      move(MOVES[key]);
    } else if (key === 'Enter') {
      if (isFree) {
        move(MOVES.ArrowDown);
      } else {
        setCursor(nextCursor(path, cursor, marks, aids));
      }
    } else if (kind) {
      put([{ kind, ...at, text: '' }]);
    } else {
      return false;
    }
    onDone?.();
    return true;
  };

  /** Goes to a square that was chosen by hand. */
  const press = (to: Square) => {
    settle();
    go(to);
    onDone?.();
  };

  const turn = (which: 'undo' | 'redo') => {
    if (pending) {
      setPending(null);
      return;
    }
    const to = open && editor.turn(which);
    if (to) {
      press(to);
    }
  };

  return { at, go: press, aids, setAids, write, act, turn, settle, pending };
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
