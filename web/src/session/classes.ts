import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { api } from '../api/client';
import { showClass } from '../api/ofClass';
import type { ClassRoom, Style } from '../api/types';
import { useAct } from '../ui/useAct';

const KEY = ['classes'];

const currentOf = (rooms: ClassRoom[] | undefined) => rooms?.find(({ current }) => current);

export function useClasses() {
  return useQuery({ queryKey: KEY, queryFn: api.classes, refetchOnWindowFocus: true });
}

/** A class as it was last heard of. */
export function heardOf(queries: QueryClient, id: number): ClassRoom | undefined {
  return queries.getQueryData<ClassRoom[]>(KEY)?.find((room) => room.id === id);
}

export function useCurrentClass(): ClassRoom | undefined {
  return currentOf(useClasses().data);
}

/** Has all requests name the class that is shown, and the screens follow where it is another. */
export function followClass(queries: QueryClient) {
  let following = false;
  const follow = async () => {
    if (!following) {
      following = true;
      await queries.refetchQueries({ queryKey: KEY });
      following = false;
      await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== KEY[0] });
    }
  };
  showClass({
    id: () => currentOf(queries.getQueryData<ClassRoom[]>(KEY))?.id,
    follow: () => void follow(),
  });
}

/**
 * A change to the classes, one after the other and each to the classes as they are then. Afterwards
 * all classes are shown as they are, and `onTrouble` hears of a failure, even if the screen has
 * been left meanwhile.
 */
export function useClassChange(onTrouble?: (trouble: Error) => void) {
  const queries = useQueryClient();
  return useAct({
    again: true,
    scope: { id: 'classes' },
    // An answer that is still on its way would show the classes as they were before.
    onMutate: () => queries.cancelQueries({ queryKey: KEY }),
    mutationFn: (change: (now: ClassRoom[]) => Promise<ClassRoom[]>) =>
      change(queries.getQueryData<ClassRoom[]>(KEY) ?? []),
    onSuccess: (classes) => queries.setQueryData(KEY, classes),
    onError: (trouble) => {
      onTrouble?.(trouble);
      return queries.invalidateQueries({ queryKey: KEY });
    },
  });
}

/** Changes the style of one class; `save` stays the same from one drawing to the next. */
export function useStyleChange(id: number, onTrouble?: (trouble: Error) => void) {
  const queries = useQueryClient();
  const { mutate, error } = useClassChange(onTrouble);
  const save = useCallback(
    (changed: (style: Style) => Style, onSettled?: () => void) =>
      mutate(
        (now) => {
          const room = heardOf(queries, id);
          if (!room) {
            return Promise.resolve(now);
          }
          const { name, version, style } = room;
          return api.changeClass(id, { name, version, style: changed(style) });
        },
        { onSettled },
      ),
    [queries, mutate, id],
  );
  return { save, error };
}
