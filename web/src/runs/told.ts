import type { Run, RunEntry } from '../api/types';
import { t } from '../words';

/** The pass mark in words: “20 right”, “5 right in a row”. */
export const markTold = ({ passMark, inARow }: Pick<Run, 'passMark' | 'inARow'>) =>
  t(inARow ? 'runs.mark-in-a-row' : 'runs.mark', { passMark });

const workedTold = (worked: number, sums: number) =>
  sums > 0 ? t('runs.of-worked', { worked, sums }) : t('runs.worked-so-far', { worked });

/** How far a run has come towards its mark; not how many are right while its judge is silent. */
export function progressTold(run: Run): string {
  const { right, streak, passMark, inARow, worked, sums } = run;
  if (right === undefined || streak === undefined) {
    return workedTold(worked, sums);
  }
  const towards = inARow
    ? t('runs.right-in-a-row-wanted', { streak, passMark })
    : t('runs.right-wanted', { right, passMark });
  return `${towards} · ${workedTold(worked, sums)}`;
}

/** How a run in a list stands. */
export function standTold(entry: RunEntry): string {
  if (entry.ended) {
    return entry.passed ? t('common.passed') : t('common.not-passed');
  }
  const worked = workedTold(entry.worked, entry.sums);
  return entry.right === undefined
    ? t('runs.open', { worked })
    : t('runs.open-and-right', { worked, right: entry.right });
}

/** A pass mark that suits so many sums: four in five. */
export const usualMark = (sums: number) => Math.max(1, Math.ceil(sums * 0.8));
