import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { api } from '../api/client';
import { MOST_AT_ONCE, sendAll, UNTIL_ANSWERED, useStuck } from '../api/sending';
import type { Cell, Grid } from '../api/types';
import { waitingIn } from '../api/waiting';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { toSend, undone, type Change } from './changes';
import { cellsOf, keyOf, withCells, type Ahead, type Cells, type Entry } from './entering';
import { useHistory } from './history';
import { knownCell } from './known';

/** How long a hand rests between two answers, in ms. */
const REST = 150;

const WAITING = waitingIn<Change>('marking');

/** The square of a change as it will be marked, if that is known beforehand. */
const knownBy = (grid: Grid | undefined, { pupil, number, to }: Change) =>
  grid && to !== undefined ? knownCell(grid, pupil, number, to) : undefined;

/** The squares as changes show them before they are kept. */
const aheadOf = (changes: Change[]) =>
  new Map(
    changes.map(({ pupil, number, to, becomes, known }): [string, Ahead] => [
      keyOf(pupil, number),
      { given: to, cell: becomes ?? known },
    ]),
  );

/** A handout being marked: typed answers are shown at once, and kept behind in batches. */
export function useGrid(id: number) {
  const queries = useQueryClient();
  const notice = useNotice();
  const queryKey = ['handout', id];
  const query = useQuery({ queryKey, queryFn: () => api.handout(id) });
  const grid = query.data;
  const cells: Cells = useMemo(() => cellsOf(grid?.cells ?? []), [grid]);
  /** The answers that are typed and not kept yet, by their squares. */
  const [ahead, setAhead] = useState<ReadonlyMap<string, Ahead>>(() => aheadOf(WAITING.of(id)));
  const waiting = useRef(WAITING.of(id));
  const wait = (changes: Change[]) => {
    waiting.current = changes;
    WAITING.keep(id, changes);
  };
  /** Whether the grid has to be asked for again once all is kept. */
  const cancelled = useRef(false);
  /**
   * The changes so far, the last at the end. Answers that were read or pasted together are one
   * change.
   */
  const [history, setHistory] = useHistory(id);

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
  const { mutate: send } = useAct({
    again: true,
    meta: { quiet: true },
    mutationKey,
    scope: { id: `handout ${id}` },
    ...UNTIL_ANSWERED,
    mutationFn: async () => {
      // Changes that do not get through stay, and are sent again with those behind them.
      const batch = waiting.current.slice(0, MOST_AT_ONCE);
      const put = batch.length > 0 ? await api.putAnswers(id, batch.map(toSend)) : null;
      wait(waiting.current.slice(batch.length));
      return { batch, put };
    },
    onSuccess: ({ batch, put }) => {
      if (!put) {
        return;
      }
      const touched = new Set(batch.map(({ pupil, number }) => keyOf(pupil, number)));
      const refused = new Set(put.refused.map(({ pupil, number }) => keyOf(pupil, number)));
      const now = [...put.refused.flatMap((each) => each.now ?? []), ...put.kept];
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
        // The first request may be on its way still, from before these changes.
        void queries.cancelQueries({ queryKey });
        void queries.invalidateQueries({ queryKey });
      }
      tellSoon();
    },
    onError: (trouble) => {
      notice({ text: trouble.message });
      wait([]);
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
    const foretold = changes.map((change) => ({ ...change, known: knownBy(grid, change) }));
    wait([...waiting.current, ...foretold]);
    setAhead((before) => new Map([...before, ...aheadOf(foretold)]));
    sendAll(changes.length, send);
  };
  // The changes that waited when the page was left: the grid that is asked for now may lack them.
  useEffect(() => {
    cancelled.current = waiting.current.length > 0;
    sendAll(waiting.current.length, send);
  }, [send]);
  /** An entry with the answer in its square, typed or kept. */
  const changed = (entry: Entry): Change => {
    const at = keyOf(entry.pupil, entry.number);
    const typed = ahead.get(at);
    const before = typed ? typed.cell : cells.get(at);
    const from = (typed ?? before)?.given;
    return { ...entry, from, was: before?.overruled ? before : undefined };
  };
  /** Notes the answers that change, so that they can be taken back together. */
  const note = (entries: Entry[]) => {
    const changes = entries.map(changed).filter(({ from, to }) => from !== to);
    if (changes.length > 0) {
      setHistory((before) => [...before, changes]);
    }
    return changes;
  };
  const enter = (entries: Entry[]) => apply(note(entries));
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
  /** Takes note of answers as a teacher has decided them. */
  const decided = (kept: Cell[]) => {
    const touched = new Set(kept.map(({ pupil, number }) => keyOf(pupil, number)));
    store((before) => ({ ...before, cells: withCells(before.cells, touched, kept) }));
    renew();
  };
  const stuck = useStuck(mutationKey);
  /** Takes note of answers that the app has taken all at once. */
  const took = (kept: Cell[]) => {
    note(kept.map(({ pupil, number, given: to }) => ({ pupil, number, to })));
    renew();
  };
  return {
    grid,
    cells,
    ahead,
    enter,
    took,
    undo,
    decided,
    canUndo: history.length > 0,
    stuck,
    trouble: query.error,
  };
}
