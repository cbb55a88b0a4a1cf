import { useState } from 'react';
import type { Square } from '../api/types';
import { same } from '../paper/geometry';
import { cursorAt, nextCursor, type Cursor } from './strokes';
import type { useAttempt } from './useAttempt';

/** The hand over a page: where it is, and what it writes there. It goes on as a practised one does. */
export function useHand(slate: ReturnType<typeof useAttempt>, onDone: () => void) {
  const { attempt, marks } = slate;
  const [moved, setCursor] = useState<Cursor | null>(null);
  /** Whether the cursor stops at the squares for small figures. */
  const [aids, setAids] = useState(true);
  const path = attempt?.path ?? [];
  const cursor = moved ?? { at: path[0]?.at ?? { row: 1, column: 1 }, step: 0 };
  const { at } = cursor;
  const ended = attempt?.handedInAt !== undefined;
  const go = (to: Square) => setCursor(cursorAt(path, to, marks));

  const write = (sign: string, small: boolean) => {
    if (!attempt || ended) {
      return;
    }
    onDone();
    if (sign === '.' || sign === ',') {
      // It belongs behind the figure that was written last, wherever the cursor has gone since.
      const last = marks.findLast((mark) => mark.kind === 'FIGURE')?.at ?? at;
      slate.write(last, { kind: 'POINT', text: '.' });
      return;
    }
    const meant = path[cursor.step];
    const there = (kind: 'AID' | 'NUMBER') =>
      marks.find((mark) => mark.kind === kind && same(mark.at, at))?.text ?? '';
    const isDigit = /\d/.test(sign);
    if (isDigit && meant?.kind === 'NUMBER' && !small) {
      slate.write(at, { kind: 'NUMBER', text: there('NUMBER') + sign });
      return;
    }
    const aid = isDigit && (small || (aids && meant?.kind === 'AID'));
    const standing = aid ? there('AID') : '';
    const figures = meant?.kind === 'AID' ? meant.figures : Infinity;
    const text = standing.length < figures ? standing + sign : sign;
    slate.write(at, { kind: aid ? 'AID' : 'FIGURE', text });
    if (!small && (!aid || text.length >= figures)) {
      const kind = aid ? ('AID' as const) : ('FIGURE' as const);
      setCursor(nextCursor(path, cursor, [...marks, { kind, at, text }], aids));
    }
  };

  /** What a key does that writes no sign; false where it is none of these. */
  const act = (key: string): boolean => {
    if (!attempt || ended) {
      return false;
    }
    const move = MOVES[key];
    const kind = CHANGES[key];
    if (move) {
      go({ row: Math.max(0, at.row + move.row), column: Math.max(0, at.column + move.column) });
    } else if (key === 'Enter') {
      setCursor(nextCursor(path, cursor, marks, aids));
    } else if (kind) {
      slate.write(at, { kind, text: '' });
    } else {
      return false;
    }
    onDone();
    return true;
  };

  const turn = (which: 'undo' | 'redo') => {
    const to = slate[which]();
    if (to) {
      go(to);
    }
  };

  return { at, go, aids, setAids, write, act, turn };
}

const MOVES: Record<string, Square> = {
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
};

const CHANGES: Record<string, 'STRIKE' | 'LINE' | 'RUB'> = {
  '/': 'STRIKE',
  _: 'LINE',
  Backspace: 'RUB',
  Delete: 'RUB',
};
