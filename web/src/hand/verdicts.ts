import type { Verdict } from '../api/types';
import { t } from '../words';

/** The judge's verdicts on a figure, in words. */
export const VERDICTS: Record<Verdict, string> = {
  RIGHT: t('common.right'),
  FIRST_SLIP: t('slate.first-slip'),
  SLIP: t('slate.another-slip'),
  FOLLOWS: t('slate.follows-from-a-slip'),
  NOT_NEEDED: t('slate.not-needed'),
};
