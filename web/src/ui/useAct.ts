import {
  hashKey,
  useMutation,
  type UseMutationOptions,
  type UseMutationResult,
} from '@tanstack/react-query';
import { useCallback, useRef } from 'react';

/** How long after it was done the same press is taken for the second half of a double press. */
const DOUBLE_MS = 500;

/**
 * Something that a press does. The same press again, before it is done or in the same double press,
 * does nothing.
 *
 * @param options as those of a mutation; what may follow on itself at once says `again`
 */
export function useAct<Done, Failure = Error, Of = void, Context = unknown>({
  again = false,
  ...options
}: UseMutationOptions<Done, Failure, Of, Context> & { again?: boolean }): UseMutationResult<
  Done,
  Failure,
  Of,
  Context
> {
  const going = useRef(new Set<string>());
  const mutation = useMutation({
    ...options,
    onSettled: (...settled) => {
      const [, failure, of] = settled;
      const end = () => going.current.delete(hashKey([of]));
      if (failure) {
        end();
      } else {
        setTimeout(end, DOUBLE_MS);
      }
      return options.onSettled?.(...settled);
    },
  });
  const { mutate: begin } = mutation;
  const mutate = useCallback<typeof begin>(
    (...asked) => {
      const what = hashKey([asked[0]]);
      if (!again) {
        if (going.current.has(what)) {
          return;
        }
        going.current.add(what);
      }
      begin(...asked);
    },
    [again, begin],
  );
  return { ...mutation, mutate };
}
