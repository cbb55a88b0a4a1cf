import type { Cell, Grid } from '../api/types';
import { ABSENT, NO_NUMBER } from './entering';

/** A number of more figures is left to the app, which may refuse it. */
const MOST_FIGURES = 30;

const WHOLE = new RegExp(`^(0|[1-9]\\d{0,${MOST_FIGURES - 1}})$`);

type Worth = Pick<Cell, 'outcome' | 'slips'>;

function worthOf(sum: Grid['sums'][number], given: string): Worth | undefined {
  if (given === '') {
    return { outcome: 'BLANK', slips: [] };
  }
  if (given === '-') {
    return { outcome: 'LEFT_OUT', slips: [] };
  }
  if (given === ABSENT) {
    return { outcome: 'ABSENT', slips: [] };
  }
  if (given === NO_NUMBER) {
    return { outcome: 'WRONG', slips: [] };
  }
  const known = sum.known.find((each) => each.given === given);
  return known ?? (WHOLE.test(given) ? { outcome: 'WRONG', slips: [] } : undefined);
}

/**
 * A square as it will be marked, if the grid foretells it; otherwise the answer of the app is
 * waited for.
 */
export function knownCell(
  grid: Grid,
  pupil: number,
  number: number,
  given: string,
): Cell | undefined {
  const sum = grid.sums[number];
  const worth = sum && worthOf(sum, given);
  return (
    worth && { pupil, number, given, outcome: worth.outcome, slips: worth.slips, overruled: false }
  );
}
