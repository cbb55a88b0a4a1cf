import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';

interface Part<T> {
  entries: T[];
  total: number;
}

/** A list that is asked for part by part, the newest first. */
export function useLongList<T extends { id: number }>(
  queryKey: unknown[],
  ask: (before?: number) => Promise<Part<T>>,
) {
  const query = useInfiniteQuery({
    queryKey,
    queryFn: ({ pageParam }) => ask(pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last, parts) => nextBefore(last, parts),
    placeholderData: keepPreviousData,
  });
  return {
    entries: query.data?.pages.flatMap((part) => part.entries),
    total: query.data?.pages[0]?.total,
    error: query.error,
    isPending: query.isPending,
    hasMore: query.hasNextPage,
    more: () => void query.fetchNextPage(),
    isAsking: query.isFetchingNextPage,
  };
}

/** The entry before which the next part begins; undefined where all are there. */
export function nextBefore<T extends { id: number }>(last: Part<T>, parts: Part<T>[]) {
  const there = parts.reduce((count, { entries }) => count + entries.length, 0);
  return there < last.total ? last.entries.at(-1)?.id : undefined;
}
