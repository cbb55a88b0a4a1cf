import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * The same function from one drawing to the next, which does the same as the latest one: components
 * that get only such functions need not be drawn again when nothing else has changed.
 */
export function useStable<Args extends unknown[], Result>(run: (...args: Args) => Result) {
  const latest = useRef(run);
  // Before the next key can come, so that it meets the screen as it is then.
  useLayoutEffect(() => {
    latest.current = run;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
