import { api } from '../api/client';
import type { DraftRequest } from '../api/types';

/** Keeps a set of fresh sums under a title; gives its number. */
export async function makeSet(
  title: string,
  lines: DraftRequest['lines'],
  order?: DraftRequest['order'],
): Promise<number> {
  const { sums } = await api.draftSet({ lines, order });
  const { id } = await api.keepSet({
    title,
    lines,
    sums: sums.map(({ plain, method, rung, part }) => ({ plain, method, rung, part })),
  });
  return id;
}
