import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { api } from '../api/client';
import { MOST_AT_ONCE, UNTIL_ANSWERED, useStuck } from '../api/sending';
import type { Grid } from '../api/types';
import { useNotice } from '../ui/useNotice';
import {
  cellsOf,
  keyOf,
  toSend,
  undone,
  withCells,
  type Ahead,
  type Cells,
  type Change,
} from './entering';
import { knownCell } from './known';

/** How long a hand rests between two answers, in ms. */
const REST = 150;

/** A handout being marked: what is typed is shown at once, and kept behind in batches. */
export function useGrid(id: number) {
  const queries = useQueryClient();
  const notice = useNotice();
  const queryKey = ['handout', id];
  const query = useQuery({ queryKey, queryFn: () => api.handout(id) });
  const grid = query.data;
  const cells: Cells = useMemo(() => cellsOf(grid?.cells ?? []), [grid]);
  /** What is typed and not kept yet, by its square. */
  const [ahead, setAhead] = useState<ReadonlyMap<string, Ahead>>(new Map());
  const waiting = useRef<Change[]>([]);
  /** Whether the grid has to be asked for again once all is kept. */
  const cancelled = useRef(false);
  const [history, setHistory] = useState<Change[]>([]);

  const store = (change: (grid: Grid) => Grid) =>
    queries.setQueryData<Grid>(queryKey, (before) => before && change(before));
  const tell = () => {
    void queries.invalidateQueries({ queryKey: ['glance', id] });
    void queries.invalidateQueries({ queryKey: ['handouts'] });
  };
  const telling = useRef(0);
  /** The class is looked at anew when the hand rests: the next mark comes before it. */
  const tellSoon = () => {
    clearTimeout(telling.current);
    telling.current = window.setTimeout(tell, REST);
  };
  const mutationKey = [...queryKey, 'answers'];
  const send = useMutation({
    mutationKey,
    scope: { id: `handout ${id}` },
    ...UNTIL_ANSWERED,
    mutationFn: async () => {
      // What does not get through stays, and is sent again with what came behind it.
      const batch = waiting.current.slice(0, MOST_AT_ONCE);
      const put = batch.length > 0 ? await api.putAnswers(id, batch.map(toSend)) : null;
      waiting.current = waiting.current.slice(batch.length);
      return { batch, put };
    },
    onSuccess: ({ batch, put }) => {
      if (!put) {
        return;
      }
      const touched = new Set(batch.map(({ pupil, number }) => keyOf(pupil, number)));
      const refused = new Set(put.refused.map(({ pupil, number }) => keyOf(pupil, number)));
      const now = [...put.kept, ...put.refused.flatMap((each) => each.now ?? [])];
      store((before) => ({ ...before, cells: withCells(before.cells, touched, now) }));
      const waits = new Set(waiting.current.map(({ pupil, number }) => keyOf(pupil, number)));
      setAhead(
        (before) => new Map([...before].filter(([at]) => waits.has(at) || !touched.has(at))),
      );
      if (put.refused[0]) {
        notice({ text: put.refused[0].sentence });
        setHistory((before) =>
          before.filter(({ pupil, number }) => !refused.has(keyOf(pupil, number))),
        );
      }
      if (cancelled.current && waiting.current.length === 0) {
        cancelled.current = false;
        void queries.invalidateQueries({ queryKey });
      }
      tellSoon();
    },
    onError: (trouble) => {
      notice({ text: trouble.message });
      waiting.current = [];
      setAhead(new Map());
      void queries.invalidateQueries({ queryKey });
    },
  });

  const apply = (change: Change) => {
    if (queries.isFetching({ queryKey }) > 0) {
      // Its answer may have been on its way before this change: it is asked for again behind it.
      cancelled.current = true;
      void queries.cancelQueries({ queryKey });
    }
    waiting.current.push(change);
    const { pupil, number, to } = change;
    const cell = grid && to !== undefined ? knownCell(grid, pupil, number, to) : undefined;
    setAhead((before) => new Map(before).set(keyOf(pupil, number), { given: to, cell }));
    send.mutate();
  };
  /** What stands in a square, typed or kept. */
  const given = (pupil: number, number: number) => {
    const at = keyOf(pupil, number);
    return (ahead.get(at) ?? cells.get(at))?.given;
  };
  const enter = (pupil: number, number: number, to: string | undefined) => {
    const from = given(pupil, number);
    if (from !== to) {
      const change = { pupil, number, from, to };
      setHistory((before) => [...before, change]);
      apply(change);
    }
  };
  /** Takes the last change back; gives the square that it was in. */
  const undo = () => {
    const last = history.at(-1);
    if (last) {
      setHistory(history.slice(0, -1));
      apply(undone(last));
    }
    return last;
  };
  const renew = () => {
    void queries.invalidateQueries({ queryKey });
    tell();
  };
  const stuck = useStuck(mutationKey);
  return {
    grid,
    cells,
    ahead,
    enter,
    undo,
    renew,
    canUndo: history.length > 0,
    stuck,
    trouble: query.error,
  };
}
