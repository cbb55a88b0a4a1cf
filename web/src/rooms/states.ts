import type { Seat } from '../api/types';
import { t } from '../words';

/** The states of a seat, in words and by a sign of its own: colour alone would tell too few. */
export const STATES: Record<Seat['state'], { name: string; sign: string }> = {
  STUCK: { name: t('rooms.stuck'), sign: 'M1 1h10v10h-10z' },
  SLIPPED: { name: t('rooms.slipped'), sign: 'M1 3l5 7l5-7' },
  AWAY: { name: t('rooms.away'), sign: 'M1 6h2.5M5 6h2.5M9 6h2.5' },
  WRITING: { name: t('rooms.writing'), sign: 'M1 11l10-10' },
  NO_PAGE: { name: t('rooms.no-page'), sign: '' },
  RIGHT: { name: t('common.right-heading'), sign: 'M1 10h10' },
};

const NEED = Object.keys(STATES);

/** The seats, those that need the teacher first. */
export const byNeed = (seats: Seat[]) =>
  [...seats].sort((one, other) => NEED.indexOf(one.state) - NEED.indexOf(other.state));
