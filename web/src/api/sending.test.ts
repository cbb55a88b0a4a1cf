import { QueryClient } from '@tanstack/react-query';
import { expect, test } from 'vitest';
import { hasUnsent, UNTIL_ANSWERED } from './sending';
import { Trouble } from './taken';

/** Sends a request that nobody has heard of yet. */
function send(queries: QueryClient, sending: () => Promise<unknown>) {
  const mutation = queries
    .getMutationCache()
    .build(queries, { mutationFn: sending, networkMode: 'always', ...UNTIL_ANSWERED });
  void mutation.execute(undefined).catch(() => undefined);
}

test('what is answered at once can be left', async () => {
  const queries = new QueryClient();
  send(queries, () => Promise.resolve('kept'));
  await expect.poll(() => queries.isMutating()).toBe(0);
  expect(hasUnsent(queries, Date.now() + 5000)).toBe(false);
});

test('what is on its way for a moment can be left, what waits for longer cannot', () => {
  const queries = new QueryClient();
  send(queries, () => new Promise(() => undefined));
  expect(hasUnsent(queries, Date.now())).toBe(false);
  expect(hasUnsent(queries, Date.now() + 1500)).toBe(true);
});

test('what could not be sent is not left without a question', async () => {
  const queries = new QueryClient();
  const away = new Trouble('Bemble does not answer.', undefined, undefined, undefined, true);
  send(queries, () => Promise.reject(away));
  await expect.poll(() => hasUnsent(queries, Date.now())).toBe(true);
});
