import type { Step } from '../api/types';

/**
 * How far the other working is shown while one is at `step`: in a section that both have, such as a
 * column, step for step and both to its end; elsewhere as far along as the one has come.
 */
export function besideStep(one: Step[], step: number, other: Step[]): number {
  const end = other.length - 1;
  if (step >= one.length - 1) {
    return end;
  }
  const key = one[step]?.sectionKey;
  const first = other.findIndex((s) => s.sectionKey === key);
  if (first < 0) {
    return Math.floor((step / (one.length - 1)) * end);
  }
  const length = other.filter((s, index) => index >= first && s.sectionKey === key).length;
  const begun = one.findIndex((s) => s.sectionKey === key);
  const atItsEnd = one[step + 1]?.sectionKey !== key;
  return first + (atItsEnd ? length - 1 : Math.min(step - begun, length - 1));
}
