import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { api } from '../api/client';
import { MOST_AT_ONCE, UNTIL_ANSWERED, useStuck } from '../api/sending';
import type { Cell, Grid } from '../api/types';
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
  /** What was done, the last at the end; a table that was read is one thing. */
  const [history, setHistory] = useState<Change[][]>([]);

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
          before
            .map((done) => done.filter(({ pupil, number }) => !refused.has(keyOf(pupil, number))))
            .filter((done) => done.length > 0),
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

  const apply = (changes: Change[]) => {
    if (queries.isFetching({ queryKey }) > 0) {
      // Its answer may have been on its way before this change: it is asked for again behind it.
      cancelled.current = true;
      void queries.cancelQueries({ queryKey });
    }
    waiting.current.push(...changes);
    const typed = changes.map(({ pupil, number, to }): [string, Ahead] => {
      const cell = grid && to !== undefined ? knownCell(grid, pupil, number, to) : undefined;
      return [keyOf(pupil, number), { given: to, cell }];
    });
    setAhead((before) => new Map([...before, ...typed]));
    for (let sent = 0; sent < changes.length; sent += MOST_AT_ONCE) {
      send.mutate();
    }
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
      setHistory((before) => [...before, [change]]);
      apply([change]);
    }
  };
  /** Takes the last change back; gives the square that it was in. */
  const undo = () => {
    const last = history.at(-1);
    if (last) {
      setHistory(history.slice(0, -1));
      apply(last.map(undone));
    }
    return last?.[0];
  };
  const renew = () => {
    void queries.invalidateQueries({ queryKey });
    tell();
  };
  const stuck = useStuck(mutationKey);
  /** Takes note of answers that the app has taken all at once. */
  const took = (kept: Cell[]) => {
    const changes = kept.map(({ pupil, number, given: to }) => ({
      pupil,
      number,
      from: given(pupil, number),
      to,
    }));
    const done = changes.filter(({ from, to }) => from !== to);
    if (done.length > 0) {
      setHistory((before) => [...before, done]);
    }
    renew();
  };
  return {
    grid,
    cells,
    ahead,
    enter,
    took,
    undo,
    renew,
    canUndo: history.length > 0,
    stuck,
    trouble: query.error,
  };
}
