import {
  hashKey,
  useMutation,
  type UseMutationOptions,
  type UseMutationResult,
} from '@tanstack/react-query';
import { useCallback, useId, useRef } from 'react';

/**
 * An action of a press. The same press again, before it is done, does nothing.
 *
 * @param options as those of a mutation; what may follow on itself at once says `again`, and is
 *   done in its order: the later of two answers to one question is the one that counts
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
  const id = useId();
  const mutation = useMutation({
    ...options,
    scope: options.scope ?? (again ? { id } : undefined),
    onSettled: (...settled) => {
      going.current.delete(hashKey([settled[2]]));
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
