import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { useCurrentClass } from '../session/classes';
import { useNotice } from '../ui/useNotice';

/** How many weeks are seen at once. */
export const WEEKS = 4;

/** Some weeks of the current class. */
export function usePlan(from?: string) {
  const room = useCurrentClass();
  return useQuery({
    queryKey: ['plan', room?.id, 'weeks', from],
    queryFn: () => api.plan(WEEKS, from),
    placeholderData: (before) => before,
  });
}

/** A change to the plan; whatever comes of it, the plan is shown as it is. */
export function usePlanChange<T, V = void>(
  change: (of: V) => Promise<T>,
  onSuccess?: (now: T) => void,
) {
  const queries = useQueryClient();
  const notice = useNotice();
  return useMutation({
    mutationFn: change,
    onSuccess,
    onError: (trouble) => notice({ text: trouble.message }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['plan'] }),
  });
}
