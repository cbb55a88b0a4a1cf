import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Plan } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';

/** How many weeks are seen at once. */
export const WEEKS = 4;

const weeksKey = (room?: number, from?: string) => ['plan', room, 'weeks', from];

/** Some weeks of the current class. */
export function usePlan(from?: string) {
  const room = useCurrentClass();
  return useQuery({
    queryKey: weeksKey(room?.id, from),
    queryFn: () => api.plan(WEEKS, from),
    placeholderData: (before) => before,
  });
}

/** Reads the plan of these weeks as it came last, which may be later than the drawn one. */
export function useLatestPlan(from?: string): () => Plan | undefined {
  const room = useCurrentClass();
  const queries = useQueryClient();
  return () => queries.getQueryData<Plan>(weeksKey(room?.id, from));
}

/**
 * A change to the plan; whatever comes of it, the plan is shown as it is. Changes of one queue wait
 * for each other, and for the plan to be read in between.
 */
export function usePlanChange<T, V = void>(
  change: (of: V) => Promise<T>,
  onSuccess?: (now: T) => void,
  queue?: string,
) {
  const queries = useQueryClient();
  const notice = useNotice();
  return useAct({
    again: true,
    mutationFn: change,
    scope: queue === undefined ? undefined : { id: queue },
    onSuccess,
    onError: (trouble) => notice({ text: trouble.message }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['plan'] }),
  });
}
