import Box from '@mui/material/Box';
import { KnockForm } from './KnockForm';
import { SeatPage } from './SeatPage';
import { SCREEN, Said } from './Said';
import { useSeat } from './useSeat';
import { t } from '../words';

/** The screens of a pupil's device: the door, the wait, or the page to be worked. */
export function SeatApp() {
  const { link, seat, setSeat, away, closed, come } = useSeat();
  if (link === null) {
    return <KnockForm closed={closed} onKnocked={come} />;
  }
  if (seat === null) {
    return <Said>{away ? t('seat.no-network') : t('common.loading')}</Said>;
  }
  if (seat.state === 'TURNED_AWAY') {
    return <KnockForm closed={t('seat.turned-away')} onKnocked={come} />;
  }
  if (seat.state === 'WAITING') {
    return <Said>{t('seat.your-teacher-lets-you-in')}</Said>;
  }
  if (seat.work.page === undefined) {
    return <Said head={seat.name}>{t('seat.your-first-sum-comes')}</Said>;
  }
  return (
    <Box sx={SCREEN}>
      <SeatPage
        key={seat.work.page}
        id={seat.work.page}
        seat={seat}
        link={link}
        away={away}
        onSeat={setSeat}
      />
    </Box>
  );
}
