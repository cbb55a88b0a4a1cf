import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Run } from '../api/types';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';

/** The steps of a run: each shows the next page to work, or the end. */
export function useRunSteps() {
  const queries = useQueryClient();
  const notice = useNotice();
  const navigate = useNavigate();
  const take = (now: Run) => {
    queries.setQueryData(['run', now.id], now);
    void queries.invalidateQueries({ queryKey: ['runs'] });
  };
  const takeEnded = (now: Run) => {
    take(now);
    if (now.endedAt !== undefined) {
      // The judge may speak of its pages now.
      void queries.invalidateQueries({ queryKey: ['attempt'] });
    }
  };
  const goOnTo = (now: Run) =>
    navigate(now.current === undefined ? `/slate/run/${now.id}` : `/slate/${now.current}`);
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const led = { onSuccess: takeEnded, goOn: goOnTo, onError };
  const next = useAct({ mutationFn: api.nextInRun, ...led });
  const pause = useAct({ mutationFn: api.pauseRun, onSuccess: take, onError });
  const goOn = useAct({ mutationFn: api.goOnWithRun, onSuccess: take, onError });
  const end = useAct({ mutationFn: api.endRun, ...led });
  const begin = useAct({ mutationFn: api.beginRun, ...led });
  return {
    next: next.mutate,
    pause: pause.mutate,
    goOn: goOn.mutate,
    end: end.mutate,
    begin: begin.mutate,
    /** Reads the run anew: one of its pages was handed in. */
    look: (id: number) => void queries.invalidateQueries({ queryKey: ['run', id] }),
    isGoing: next.isPending || begin.isPending,
  };
}

/** A run that is being worked or looked at; none for a page outside runs. */
export function useRun(id: number | null) {
  const query = useQuery({
    queryKey: ['run', id],
    queryFn: () => api.run(Number(id)),
    enabled: id !== null,
  });
  return { run: query.data, error: query.error };
}

/** Goes on with an open run that is not paused, when its screen is opened again. */
export function useComingBack(run: Run | undefined, goOn: (id: number) => void) {
  const back = useRef<number | null>(null);
  useEffect(() => {
    if (run?.current !== undefined && !run.paused && back.current !== run.current) {
      back.current = run.current;
      goOn(run.id);
    }
  }, [run, goOn]);
}

/** A run of the rung before, that goes like this one. */
export const oneStepBack = ({ who, passMark, inARow, telling, withCheck, offer }: Run) => ({
  title: offer?.backName ?? '',
  drawn: { rung: offer?.back ?? '' },
  who,
  goal: { right: passMark, inARow },
  terms: { telling, withCheck },
});
