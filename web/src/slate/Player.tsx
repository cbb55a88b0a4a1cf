import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import { useEffect, useState } from 'react';
import { t } from '../words';

const MILLIS_A_STROKE = 450;

/** Plays a page back in the order in which it was written. */
export function Player({
  count,
  played,
  onPlay,
}: {
  count: number;
  played: number | null;
  onPlay: (to: number | null) => void;
}) {
  const [running, setRunning] = useState(false);
  const at = played ?? count;
  useEffect(() => {
    if (!running) {
      return;
    }
    const next = setTimeout(() => {
      if (at >= count) {
        setRunning(false);
        onPlay(null);
      } else {
        onPlay(at + 1);
      }
    }, MILLIS_A_STROKE);
    return () => clearTimeout(next);
  }, [running, at, count, onPlay]);
  if (count === 0) {
    return null;
  }
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
      <Button
        onClick={() => {
          if (!running && at >= count) {
            onPlay(0);
          }
          setRunning(!running);
        }}
      >
        {running ? t('slate.pause') : t('slate.replay')}
      </Button>
      <Slider
        aria-label={t('slate.how-far-it-is-played')}
        min={0}
        max={count}
        value={at}
        onChange={(_, to) => {
          setRunning(false);
          onPlay(to === count ? null : to);
        }}
      />
    </Box>
  );
}
