// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { useAct } from './useAct';

/** The acts that were begun, and the ways to have each done. */
function acting(again: boolean, led: string[] = []) {
  const begun: string[] = [];
  const done: (() => void)[] = [];
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
  );
  const { result } = renderHook(
    () =>
      useAct({
        again,
        goOn: (_, what) => led.push(what),
        mutationFn: (what: string) =>
          new Promise<void>((resolve) => {
            begun.push(what);
            done.push(resolve);
          }),
      }),
    { wrapper },
  );
  return { begun, done, act: (what: string) => result.current.mutate(what) };
}

describe('useAct', () => {
  afterEach(cleanup);

  it('keeps the order of what follows on itself', async () => {
    const { begun, done, act } = acting(true);
    act('b');
    act('374');
    await waitFor(() => expect(begun).toEqual(['b']));
    done[0]?.();
    await waitFor(() => expect(begun).toEqual(['b', '374']));
  });

  it('does the same press once until it is done', async () => {
    const { begun, done, act } = acting(false);
    act('b');
    act('b');
    act('c');
    await waitFor(() => expect(begun).toEqual(['b', 'c']));
    done.forEach((each) => each());
    await waitFor(() => {
      act('b');
      expect(begun).toEqual(['b', 'c', 'b']);
    });
  });

  it('leads on when it is done, unless its teacher has gone elsewhere', async () => {
    const led: string[] = [];
    const { done, act } = acting(false, led);
    act('b');
    await waitFor(() => expect(done).toHaveLength(1));
    done[0]?.();
    await waitFor(() => expect(led).toEqual(['b']));
    act('c');
    await waitFor(() => expect(done).toHaveLength(2));
    history.pushState(null, '', '/elsewhere');
    done[1]?.();
    act('d');
    await waitFor(() => expect(done).toHaveLength(3));
    done[2]?.();
    await waitFor(() => expect(led).toEqual(['b', 'd']));
  });
});
