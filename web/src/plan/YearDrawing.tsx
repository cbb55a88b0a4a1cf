import Box from '@mui/material/Box';
import type { Year } from '../api/types';
import { WeekBars } from '../ui/WeekBars';
import { shortDay } from './days';
import { t } from '../words';

const WIDE = 250;
const HIGH = 26;

/** The number of pupils sure of each rung at the end of each week, as steps on squared paper. */
export function YearDrawing({ year: { weeks, pupils, rungs } }: { year: Year }) {
  const first = weeks[0];
  const last = weeks.at(-1);
  if (rungs.length === 0 || !first || !last) {
    return (
      <Box sx={{ fontSize: 'said', lineHeight: 1.5, color: 'text.secondary' }}>
        {t('plan.nobody-is-sure-of-a')}
      </Box>
    );
  }
  return (
    <>
      <Box sx={{ mb: 1, fontSize: 'plain', lineHeight: 1.4, color: 'text.secondary' }}>
        {t('plan.how-many-of-were-sure', { pupils, first: shortDay(first), last: shortDay(last) })}
      </Box>
      {rungs.map(({ rung, sure }) => (
        <Box
          key={rung.id}
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 1fr) auto 28px',
            alignItems: 'center',
            gap: 1,
            py: 0.25,
            fontSize: 'note',
            lineHeight: 1.15,
          }}
        >
          <Box>{rung.name}</Box>
          <WeekBars
            label={rung.name}
            counts={sure}
            full={pupils}
            width={WIDE}
            height={HIGH}
            colour="success.main"
          />
          <Box sx={{ textAlign: 'right', fontWeight: 700 }}>{sure.at(-1)}</Box>
        </Box>
      ))}
    </>
  );
}
