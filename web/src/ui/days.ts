import { LOCALE } from '../words';

/** Today, as 2026-11-30. */
export const today = () => new Date().toLocaleDateString('en-CA');

/** A day in full, as the class writes days. */
export const dayInFull = (day: string) =>
  new Date(`${day}T12:00:00`).toLocaleDateString(LOCALE, { dateStyle: 'long' });

/** A moment with its day. */
export const momentInFull = (moment: string) =>
  new Date(moment).toLocaleString(LOCALE, { dateStyle: 'long', timeStyle: 'short' });

/** A moment of today. */
export const momentOfDay = (moment: string) =>
  new Date(moment).toLocaleTimeString(LOCALE, { timeStyle: 'short' });

/** The day so many days later, or earlier; both as 2026-11-30. */
export function dayAfter(day: string, days: number): string {
  // At noon, so that no change of the clocks makes it another day.
  const date = new Date(`${day}T12:00:00`);
  date.setDate(date.getDate() + days);
  return [date.getFullYear(), date.getMonth() + 1, date.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
}
