import {
  hashKey,
  useMutation,
  type UseMutationOptions,
  type UseMutationResult,
} from '@tanstack/react-query';
import { useCallback, useId, useRef } from 'react';

const here = () => location.pathname + location.search;

/**
 * An action of a press. The same press again, before it is done, does nothing.
 *
 * @param options those of a mutation, and two more. `again`: a second press counts, too, and is
 *   done after the first. `goOn`: leads to another view once it is done, unless the teacher has
 *   gone elsewhere meanwhile
 */
export function useAct<Done, Failure = Error, Of = void, Context = unknown>({
  again = false,
  goOn,
  ...options
}: UseMutationOptions<Done, Failure, Of, Context> & {
  again?: boolean;
  goOn?: (done: Done, of: Of) => unknown;
}): UseMutationResult<Done, Failure, Of, Context> {
  /** Where the browser was at each press that is not done. */
  const going = useRef(new Map<string, string>());
  const id = useId();
  const mutation = useMutation({
    ...options,
    scope: options.scope ?? (again ? { id } : undefined),
    onSuccess: (...done) => {
      const askedAt = going.current.get(hashKey([done[1]]));
      const lead = () => {
        if (askedAt === here()) {
          goOn?.(done[0], done[1]);
        }
      };
      const taken: unknown = options.onSuccess?.(...done);
      return taken instanceof Promise ? taken.then(lead) : lead();
    },
    onSettled: (...settled) => {
      going.current.delete(hashKey([settled[2]]));
      return options.onSettled?.(...settled);
    },
  });
  const { mutate: begin } = mutation;
  const mutate = useCallback<typeof begin>(
    (...asked) => {
      const what = hashKey([asked[0]]);
      if (!again && going.current.has(what)) {
        return;
      }
      going.current.set(what, here());
      begin(...asked);
    },
    [again, begin],
  );
  return { ...mutation, mutate };
}
