import { useIsMutating, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef } from 'react';
import { Trouble } from '../api/taken';
import { MOST_AT_ONCE, sendAll, UNTIL_ANSWERED, useStuck } from '../api/sending';
import type { Attempt, HandIn, Report, Stroke } from '../api/types';
import { t } from '../words';
import { useAct } from '../ui/useAct';
import type { PageLink } from './pageLink';

interface Handing {
  page: HandIn;
  /** How many refusals there were when it was handed in. */
  after: number;
}

const COME_BACK = t('slate.the-page-was-not-handed');

/**
 * The strokes of an attempt, sent in their order, and the handing in behind them. Requests that do
 * not get through stay and are sent again until the app answers.
 */
export function useQueue(
  id: number,
  link: PageLink,
  told: {
    report: (report: Report) => void;
    ended: (attempt: Attempt) => void;
    refused: (trouble: Error) => void;
  },
) {
  const waiting = useRef<Stroke[]>(link.waiting.of(id));
  /** How many strokes are kept, and were when what was told last was asked for. */
  const kept = useRef(0);
  const answered = useRef(0);
  /** Counts the refusals: strokes from before one do not go out after it. */
  const refusals = useRef(0);
  const { keep } = link.waiting;
  const put = (strokes: Stroke[]) => {
    waiting.current = strokes;
    keep(id, strokes);
  };
  const queries = useQueryClient();
  const mutationKey = ['attempt', id, 'queue'];
  const inOrder = {
    mutationKey,
    scope: { id: `attempt ${id}` },
    ...UNTIL_ANSWERED,
    onError: (trouble: Error) => {
      refusals.current++;
      put([]);
      told.refused(trouble);
    },
  } as const;

  const { mutate: send } = useAct({
    ...inOrder,
    again: true,
    meta: { quiet: true },
    mutationFn: async () => {
      // All waiting strokes go at once; requests that queued behind find none left.
      const batch = waiting.current.slice(0, MOST_AT_ONCE);
      const said = batch.length > 0 ? await link.write(id, batch) : undefined;
      put(waiting.current.slice(batch.length));
      kept.current += batch.length;
      return said;
    },
    onSuccess: (said) => {
      if (said && waiting.current.length === 0) {
        told.report(said);
      }
      if (link.report) {
        ask();
      }
    },
  });
  /** One question at a time; strokes that are kept meanwhile have it asked once more. */
  const { mutate: ask } = useAct({
    meta: { quiet: true },
    scope: { id: `report ${id}` },
    again: true,
    mutationFn: async () => {
      const before = kept.current;
      if (before === answered.current) {
        return undefined;
      }
      const said = await link.report?.(id);
      answered.current = before;
      return said;
    },
    onSuccess: (said) => {
      if (said && waiting.current.length === 0 && answered.current === kept.current) {
        told.report(said);
      }
    },
  });
  const { mutate: handIn } = useAct({
    ...inOrder,
    mutationFn: ({ page, after }: Handing) =>
      after === refusals.current ? link.handIn(id, page) : Promise.reject(new Trouble(COME_BACK)),
    onSuccess: (ended) => {
      told.ended(ended);
      void queries.invalidateQueries({ queryKey: ['attempts'] });
    },
  });

  const add = useCallback(
    (strokes: Stroke[]) => {
      waiting.current = [...waiting.current, ...strokes];
      keep(id, waiting.current);
      send();
    },
    [id, keep, send],
  );
  // The strokes that waited when the page was left.
  useEffect(() => sendAll(waiting.current.length, send), [send]);
  const stuck = useStuck(mutationKey);
  const handingIn = useIsMutating({
    mutationKey,
    predicate: ({ state }) => state.variables !== undefined,
  });
  return {
    add,
    handIn: (page: HandIn) => handIn({ page, after: refusals.current }),
    handingIn: handingIn > 0,
    /** Whether a stroke could not be sent yet. */
    stuck,
  };
}
