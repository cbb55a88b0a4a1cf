import { useMutationState, type MutationKey, type QueryClient } from '@tanstack/react-query';
import { Trouble } from './taken';

/** The most that is sent in one go. */
export const MOST_AT_ONCE = 500;

/** Has so many things sent, as often as that takes. */
export function sendAll(count: number, send: () => void): void {
  for (let sent = 0; sent < count; sent += MOST_AT_ONCE) {
    send();
  }
}

/** Typed answers are sent again until the app answers; a refusal is an answer. */
export const UNTIL_ANSWERED = {
  retry: (_: number, trouble: Error) => trouble instanceof Trouble && trouble.isForNow,
  retryDelay: (failures: number) => Math.min(500 * 2 ** failures, 4000),
} as const;

/** Whether a request of this key has failed so far, whatever has queued behind it since. */
export function useStuck(mutationKey: MutationKey): boolean {
  const failures = useMutationState({
    filters: { mutationKey, status: 'pending' },
    select: (mutation) => mutation.state.failureCount,
  });
  return failures.some((count) => count > 0);
}

/** How long an answer may take before its request counts as not sent, in ms. */
const SLOW = 1000;

/** Whether a change is not answered yet, so that it would be lost with the page. */
export function hasUnsent(queries: QueryClient, now: number): boolean {
  return queries
    .getMutationCache()
    .findAll({ status: 'pending' })
    .some(({ state }) => state.failureCount > 0 || now - state.submittedAt > SLOW);
}

/** Has the browser ask before it leaves or reloads a page with a change that is not sent yet. */
export function askBeforeLosing(queries: QueryClient): void {
  window.addEventListener('beforeunload', (event) => {
    if (hasUnsent(queries, Date.now())) {
      event.preventDefault();
    }
  });
}
