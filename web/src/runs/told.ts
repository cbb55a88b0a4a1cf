import type { Run, RunEntry } from '../api/types';
import { t } from '../words';

/** The pass mark in words: “20 right”, “5 right in a row”. */
export const markTold = ({ passMark, inARow }: Pick<Run, 'passMark' | 'inARow'>) =>
  t('runs.right', { passMark, inARow: inARow ? t('runs.in-a-row-2') : '' });

/** How far a run has come towards its mark; nothing of what is right while its judge is silent. */
export function progressTold(run: Run): string {
  const { right, streak, passMark, inARow, worked, sums } = run;
  if (right === undefined || streak === undefined) {
    return sums > 0 ? `${worked} of ${sums} worked` : `${worked} worked`;
  }
  const towards = inARow
    ? t('runs.right-in-a-row-wanted', { streak, passMark })
    : `${right} right, ${passMark} wanted`;
  const left = sums > 0 ? `${worked} of ${sums} worked` : `${worked} worked`;
  return `${towards} · ${left}`;
}

/** How a run in a list stands. */
export function standTold(entry: RunEntry): string {
  if (entry.ended) {
    return entry.passed ? 'passed' : t('runs.not-passed-2');
  }
  const worked = entry.sums > 0 ? `${entry.worked} of ${entry.sums}` : String(entry.worked);
  return entry.right === undefined
    ? `open · ${worked} worked`
    : `open · ${worked} worked, ${entry.right} right`;
}

/** A pass mark that suits so many sums: four in five. */
export const usualMark = (sums: number) => Math.max(1, Math.ceil(sums * 0.8));
