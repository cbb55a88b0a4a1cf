import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { ClassRoom } from '../api/types';

const KEY = ['classes'];

export function useClasses() {
  return useQuery({ queryKey: KEY, queryFn: api.classes, refetchOnWindowFocus: true });
}

export function useCurrentClass(): ClassRoom | undefined {
  return useClasses().data?.find(({ current }) => current);
}

/**
 * A change to the classes, one after the other and each to the classes as they are then; whatever
 * comes of it, all classes are shown as they are.
 */
export function useClassChange() {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: 'classes' },
    mutationFn: (change: (now: ClassRoom[]) => Promise<ClassRoom[]>) =>
      change(queries.getQueryData<ClassRoom[]>(KEY) ?? []),
    onSuccess: (classes) => queries.setQueryData(KEY, classes),
    onError: () => queries.invalidateQueries({ queryKey: KEY }),
  });
}
