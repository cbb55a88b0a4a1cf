import { useQueryClient } from '@tanstack/react-query';
import type { MouseEvent } from 'react';
import { useAct } from './useAct';
import { useNotice } from './useNotice';

/** Deletes a thing by its number, and offers to bring it back. */
export function useDeletion(
  list: string,
  remove: (id: number) => Promise<unknown>,
  restore: (id: number) => Promise<unknown>,
) {
  const queries = useQueryClient();
  const notice = useNotice();
  const renew = () => queries.invalidateQueries({ queryKey: [list] });
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const restoring = useAct({ mutationFn: restore, onSuccess: renew, onError });
  const removing = useAct({
    mutationFn: ({ id }: { id: number; said: string }) => remove(id),
    onSuccess: (_, { id, said }) => {
      void renew();
      notice({ text: said, undo: () => restoring.mutate(id) });
    },
    onError,
  });
  return removing.mutate;
}

/**
 * Whether a click is the second half of a double click: the element under it has moved there after
 * the first click deleted another.
 */
export const isSecondClick = (event: MouseEvent) => event.detail > 1;
