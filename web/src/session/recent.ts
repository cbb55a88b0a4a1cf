import type { SumRef, Working } from '../api/types';

const STORE = 'bemble.sums';

/** How many sums can be set out again. */
export const MOST = 20;

/** A sum that was set out lately. */
export interface Recent {
  problem: string;
  method: string;
  sum: SumRef;
}

/** The sums that were set out lately in this browser, the latest first. */
export function recentSums(): Recent[] {
  try {
    const kept = JSON.parse(localStorage.getItem(STORE) ?? '[]') as Recent[];
    return Array.isArray(kept) ? kept.filter((each) => each?.sum?.plain) : [];
  } catch {
    return [];
  }
}

/** Puts a sum first in the list; each stands there once, by the method last used. */
export function noteSum({ problem, sum, methods }: Working) {
  const method = methods.find(({ id }) => id === sum.method)?.name ?? '';
  const others = recentSums().filter((each) => each.problem !== problem);
  const sums = [{ problem, method, sum }, ...others].slice(0, MOST);
  localStorage.setItem(STORE, JSON.stringify(sums));
}
