import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef, useState } from 'react';
import { api, Trouble } from '../api/client';
import type { Attempt, Report, Square, Stroke } from '../api/types';
import { same } from '../paper/geometry';
import type { WrittenMark } from '../paper/writing';
import { useNotice } from '../ui/useNotice';
import { marksAfter, strokesFor } from './strokes';

type Done = Pick<Stroke, 'kind' | 'text'>;
/** A square and what stood in it before it was changed. */
type Change = { at: Square; before: WrittenMark[] };

/** An attempt being written on: what is done is shown at once and sent behind, in order. */
export function useAttempt(id: number) {
  const queries = useQueryClient();
  const notice = useNotice();
  const query = useQuery({ queryKey: ['attempt', id], queryFn: () => api.attempt(id) });
  const attempt = query.data;
  const [ahead, setAhead] = useState<Stroke[]>([]);
  const [report, setReport] = useState<Report>();
  const [undone, setUndone] = useState<Change[]>([]);
  const [done, setDone] = useState<Change[]>([]);

  // The attempt may be asked for again at any time, and knows some of what was sent by then.
  const strokes = useMemo(() => {
    const kept = attempt?.strokes ?? [];
    return [...kept, ...ahead.filter(({ number }) => number >= kept.length)];
  }, [attempt, ahead]);
  const marks = useMemo(() => marksAfter(strokes), [strokes]);

  // Strokes wait here while others are on their way, so that their order holds.
  const waiting = useRef<Stroke[]>([]);
  const sending = useRef(false);
  const next = useRef(0);
  const reload = useCallback(async () => {
    waiting.current = [];
    next.current = 0;
    await queries.invalidateQueries({ queryKey: ['attempt', id] });
    setAhead([]);
    setDone([]);
    setUndone([]);
  }, [queries, id]);
  const send = useCallback(async () => {
    if (sending.current) {
      return;
    }
    sending.current = true;
    while (waiting.current.length > 0) {
      const batch = waiting.current.splice(0, 500);
      try {
        const said = await api.write(id, batch);
        if (said && waiting.current.length === 0) {
          setReport(said);
        }
      } catch (trouble) {
        notice({ text: trouble instanceof Trouble ? trouble.message : String(trouble) });
        await reload();
      }
    }
    sending.current = false;
  }, [id, notice, reload]);

  const begun = attempt?.begunAt;
  const put = useCallback(
    (at: Square, what: Done[]) => {
      const millis = begun ? Math.max(0, Date.now() - Date.parse(begun)) : 0;
      // Two keys may come before the first of them is drawn.
      const first = Math.max(strokes.length, next.current);
      next.current = first + what.length;
      const more = what.map((each, n) => ({ ...each, ...at, number: first + n, millis }));
      setAhead((before) => [...before, ...more]);
      waiting.current.push(...more);
      void send();
    },
    [begun, strokes.length, send],
  );

  const standing = (at: Square) => marks.filter((mark) => same(mark.at, at));
  const write = (at: Square, what: Done) => {
    setDone((before) => [...before, { at, before: standing(at) }]);
    setUndone([]);
    put(at, [what]);
  };
  const turnBack = (
    from: Change[],
    setFrom: (changes: Change[]) => void,
    setTo: (change: (before: Change[]) => Change[]) => void,
  ) => {
    const change = from.at(-1);
    if (change) {
      setFrom(from.slice(0, -1));
      setTo((before) => [...before, { at: change.at, before: standing(change.at) }]);
      put(change.at, strokesFor(change.at, change.before));
    }
    return change?.at;
  };

  const handIn = useMutation({
    mutationFn: (explanation: string) => api.handIn(id, explanation),
    onSuccess: (ended: Attempt) => {
      queries.setQueryData(['attempt', id], ended);
      setAhead([]);
      setReport(undefined);
      void queries.invalidateQueries({ queryKey: ['attempts'] });
    },
    onError: (trouble) => {
      notice({ text: trouble.message });
      void reload();
    },
  });

  return {
    attempt,
    trouble: query.error,
    strokes,
    marks,
    report: report ?? attempt?.report,
    write,
    undo: () => turnBack(done, setDone, setUndone),
    redo: () => turnBack(undone, setUndone, setDone),
    canUndo: done.length > 0,
    canRedo: undone.length > 0,
    handIn,
  };
}
