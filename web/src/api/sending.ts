import { useMutationState, type MutationKey } from '@tanstack/react-query';
import { Trouble } from './client';

/** The most that is sent in one go. */
export const MOST_AT_ONCE = 500;

/** What is typed is sent again until the app answers; a refusal is an answer. */
export const UNTIL_ANSWERED = {
  retry: (_: number, trouble: Error) => trouble instanceof Trouble && trouble.isForNow,
  retryDelay: (failures: number) => Math.min(500 * 2 ** failures, 4000),
} as const;

/** Whether something of this key could not be sent yet, whatever has queued behind it since. */
export function useStuck(mutationKey: MutationKey): boolean {
  const failures = useMutationState({
    filters: { mutationKey, status: 'pending' },
    select: (mutation) => mutation.state.failureCount,
  });
  return failures.some((count) => count > 0);
}
