import Box from '@mui/material/Box';
import { useEffect, useState } from 'react';
import { clock } from '../ui/time';
import { t } from '../words';

/** How long the page has been worked on, by the clock that its beginning is told by. */
export function Clock({ since, now = Date.now }: { since: number; now?: () => number }) {
  const [time, setTime] = useState(now);
  useEffect(() => {
    const ticking = setInterval(() => setTime(now()), 1000);
    return () => clearInterval(ticking);
  }, [now]);
  const seconds = Math.max(0, Math.floor((time - since) / 1000));
  return (
    <Box component="strong" aria-label={t('slate.time')} sx={{ fontSize: 'lead' }}>
      {clock(seconds)}
    </Box>
  );
}
