import type { SheetFormat } from '../api/types';
import { t } from '../words';

/** How the sums of an exercise sheet are set out. */
export const LAYOUTS: Record<NonNullable<SheetFormat['layout']>, string> = {
  SET_OUT: t('ui.set-out-on-squares'),
  SQUARES: t('ui.in-a-line-with-empty'),
  LINE: t('ui.in-a-line'),
};

/** How wide its squares are, in millimetres. */
export const SQUARES = {
  '5': t('ui.millimetres', { width: 5 }),
  '7': t('ui.millimetres', { width: 7 }),
  '10': t('ui.millimetres', { width: 10 }),
  '14': t('ui.millimetres', { width: 14 }),
};
