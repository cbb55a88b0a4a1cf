import Box from '@mui/material/Box';
import type { PupilRecord } from '../api/types';
import { dayTold } from '../marking/told';
import { WeekBars } from '../ui/WeekBars';
import { t } from '../words';

const WIDE = 20;
const HIGH = 30;
const MOST = 6;

/** How often each slip was made, week by week, six times filling a square. */
export function SlipWeeks({ record }: { record: PupilRecord }) {
  const { weeks, slips } = record;
  return (
    <Box>
      <Box component="h3" sx={{ m: 0, mb: 0.25, fontSize: 'plain' }}>
        {t('register.slips-week-by-week-since', { dayTold: dayTold(weeks[0] ?? '') })}
      </Box>
      {slips.map(({ slip, times }) => (
        <Box key={slip.id} sx={{ display: 'flex', alignItems: 'center', gap: 1.5, py: 0.25 }}>
          <WeekBars
            label={slip.name}
            counts={times}
            full={MOST}
            width={weeks.length * WIDE}
            height={HIGH}
            colour="error.main"
          />
          <Box sx={{ fontSize: 'note', lineHeight: 1.25 }}>{slip.name}</Box>
        </Box>
      ))}
    </Box>
  );
}
