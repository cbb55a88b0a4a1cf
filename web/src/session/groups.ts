import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { useCurrentClass } from './classes';

/** The groups of the current class, and where they are kept. */
export function useGroups() {
  const room = useCurrentClass();
  const queryKey = ['groups', room?.id];
  const { data } = useQuery({ queryKey, queryFn: api.groups });
  return { groups: data ?? [], queryKey };
}

/** Whether two lists have the same pupils, in whatever order. */
export const isSame = (some: number[], others: number[]) =>
  some.length === others.length && some.every((id) => others.includes(id));
