import { useCallback, useMemo, useState } from 'react';
import type { Square } from '../api/types';
import { same } from '../paper/geometry';
import { NO_HISTORY, noted, turned } from './history';
import { marksAfter, type Done } from './strokes';

/** A page that is written on by strokes, with a way back; `put` takes the strokes as they come. */
export function useEditor(strokes: Done[], put: (more: Done[]) => void) {
  const marks = useMemo(() => marksAfter(strokes), [strokes]);
  const [history, setHistory] = useState(NO_HISTORY);

  const change = (squares: Square[], more: Done[]) => {
    setHistory((before) => noted(before, squares, marks));
    put(more);
  };
  const forget = useCallback(() => setHistory(NO_HISTORY), []);

  return {
    marks,
    /** Writes in some squares, as one change. */
    write: (more: Done[]) =>
      change(
        more.map(({ row, column }) => ({ row, column })),
        more,
      ),
    /** Rubs everything out, as one change. */
    wipe: () => {
      const squares = marks
        .map(({ at }) => at)
        .filter((at, index, all) => all.findIndex((other) => same(other, at)) === index);
      change(
        squares,
        squares.map((at) => ({ kind: 'RUB', ...at, text: '' })),
      );
    },
    /** Takes a change back or does it again; gives the square where that was. */
    turn: (which: 'undo' | 'redo') => {
      const turn = turned(history, which, marks);
      if (turn) {
        setHistory(turn.history);
        put(turn.strokes);
      }
      return turn?.at;
    },
    /** Forgets all changes, for a page that has changed otherwise. */
    forget,
    canUndo: history.done.length > 0,
    canRedo: history.undone.length > 0,
  };
}

export type Editor = ReturnType<typeof useEditor>;
