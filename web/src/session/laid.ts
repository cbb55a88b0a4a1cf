import type { SumRef } from '../api/types';
import type { Desk } from './deskReducer';

const STORE = 'bemble.desk';

/** A sum on the desk, and how far its page was turned. */
export interface Laid {
  sum: SumRef;
  step: number;
  page: Desk['page'];
}

/** The sum that lay on the desk when this tab last looked, or else this browser. */
export function lastLaid(): Laid | null {
  try {
    const kept = sessionStorage.getItem(STORE) ?? localStorage.getItem(STORE) ?? 'null';
    const laid = JSON.parse(kept) as Partial<Laid> | null;
    return laid?.sum ? { sum: laid.sum, step: laid.step ?? 0, page: laid.page ?? null } : null;
  } catch {
    return null;
  }
}

/** Whether a sum lay on the desk. */
export const hasLaid = () => lastLaid() !== null;

/** Keeps the sum on the desk: for this tab through a reload, and for the next start. */
export function keepLaid(laid: Laid) {
  const text = JSON.stringify(laid);
  sessionStorage.setItem(STORE, text);
  localStorage.setItem(STORE, text);
}
