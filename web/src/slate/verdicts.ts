import type { Verdict } from '../api/types';

/** What the judge may say of a figure, in words. */
export const VERDICTS: Record<Verdict, string> = {
  RIGHT: 'right',
  FIRST_SLIP: 'first slip',
  SLIP: 'another slip',
  FOLLOWS: 'follows from a slip',
  NOT_NEEDED: 'not needed',
};
