import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { Attempt, Report, Stroke } from '../api/types';
import { useNotice } from '../ui/useNotice';
import type { PageLink } from './pageLink';
import type { Done } from './strokes';
import { useEditor } from './useEditor';
import { useQueue } from './useQueue';

/** An attempt being written on: strokes are shown at once and sent behind, in order. */
export function useAttempt(id: number, link: PageLink, onEnded: (attempt: Attempt) => void) {
  const queries = useQueryClient();
  const notice = useNotice();
  const query = useQuery({ queryKey: ['attempt', id], queryFn: () => link.read(id) });
  const attempt = query.data;
  const [ahead, setAhead] = useState<Stroke[]>(() => link.waiting.of(id));
  const [report, setReport] = useState<Report>();

  // The attempt may be asked for again at any time, and has some of the sent strokes by then.
  const strokes = useMemo(() => {
    const kept = attempt?.strokes ?? [];
    return [...kept, ...ahead.filter(({ number }) => number >= kept.length)];
  }, [attempt, ahead]);

  const next = useRef(0);
  const queue = useQueue(id, link, {
    report: setReport,
    ended: (ended) => {
      queries.setQueryData(['attempt', id], ended);
      setAhead([]);
      setReport(undefined);
      onEnded(ended);
    },
    refused: (trouble) => {
      notice({ text: trouble.message });
      void reload();
    },
  });
  const { add } = queue;

  const begun = attempt?.begunAt;
  const { now } = link;
  const put = useCallback(
    (done: Done[]) => {
      const millis = begun ? Math.max(0, (now?.() ?? Date.now()) - Date.parse(begun)) : 0;
      // Two keys may come before the first of them is drawn.
      const first = Math.max(strokes.length, next.current);
      next.current = first + done.length;
      const more = done.map((each, n) => ({ ...each, number: first + n, millis }));
      setAhead((before) => [...before, ...more]);
      add(more);
    },
    [begun, now, strokes.length, add],
  );
  const editor = useEditor(strokes, put);
  const { forget } = editor;

  /** The page as the app has it, whatever was done here. */
  const reload = async () => {
    next.current = 0;
    await queries.invalidateQueries({ queryKey: ['attempt', id] });
    setAhead([]);
    forget();
  };

  return {
    attempt,
    trouble: query.error,
    strokes,
    editor,
    report: report ?? attempt?.report,
    handIn: queue.handIn,
    handingIn: queue.handingIn,
    stuck: queue.stuck,
  };
}
