import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Rung } from '../api/types';
import { useAct } from '../ui/useAct';
import { useCurrentClass } from './classes';

/** The queries that name rungs, or are worked out from them. */
const TELLING = ['register', 'plan', 'set', 'run'];

const keyOf = (room: ReturnType<typeof useCurrentClass>) => ['ladder', room?.id, room?.style];

/** All rungs of the class in its order and words, including hidden ones. */
export function useWholeLadder() {
  return useQuery({ queryKey: keyOf(useCurrentClass()), queryFn: api.ladder });
}

/** The rungs that the class works on, in its order and words. */
export function useLadder() {
  const { data, error } = useWholeLadder();
  return { rungs: data?.filter(({ hidden }) => !hidden), error };
}

/**
 * Changes to the ladder, one after the other and each to the ladder as it is then; `onTrouble`
 * hears of a failure, even if the screen has been left meanwhile.
 */
export function useLadderChange(onTrouble?: (trouble: Error) => void) {
  const key = keyOf(useCurrentClass());
  const queries = useQueryClient();
  return useAct({
    again: true,
    scope: { id: 'ladder' },
    mutationFn: (change: (now: Rung[]) => Promise<Rung[]>) =>
      change(queries.getQueryData<Rung[]>(key) ?? []),
    onSuccess: (ladder) => {
      queries.setQueryData(key, ladder);
      TELLING.forEach((telling) => void queries.invalidateQueries({ queryKey: [telling] }));
    },
    onError: (trouble) => {
      onTrouble?.(trouble);
      return queries.invalidateQueries({ queryKey: key });
    },
  });
}
