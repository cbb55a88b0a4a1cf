import { api } from '../api/client';
import type { Operation, Working } from '../api/types';

const STORE = 'bemble.methods';

type LastUsed = Partial<Record<Operation, string>>;

function lastUsed(): LastUsed {
  try {
    return (JSON.parse(localStorage.getItem(STORE) ?? '{}') ?? {}) as LastUsed;
  } catch {
    return {};
  }
}

/** Remembers the method chosen for an operation. */
export function remember({ operation, sum }: Working) {
  localStorage.setItem(STORE, JSON.stringify({ ...lastUsed(), [operation]: sum.method }));
}

/** Works a line by the method last used for its operation, where that suits the sum. */
export async function workAsLastUsed(plain: string): Promise<Working> {
  const working = await api.work({ plain });
  const wanted = lastUsed()[working.operation];
  const suits = working.methods.some(({ id, misfit }) => id === wanted && misfit === undefined);
  return wanted && suits && wanted !== working.sum.method
    ? api.work({ ...working.sum, method: wanted })
    : working;
}
