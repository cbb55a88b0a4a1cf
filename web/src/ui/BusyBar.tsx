import { keyframes } from '@emotion/react';
import Box from '@mui/material/Box';
import { useIsFetching, useIsMutating } from '@tanstack/react-query';
import { t } from '../words';

/** The time within which an answer shows no bar. */
const SOON = '80ms';

const appear = keyframes({ from: { opacity: 0 }, to: { opacity: 1 } });
const run = keyframes({
  from: { backgroundPosition: '0 0' },
  to: { backgroundPosition: '56px 0' },
});

/** Shows that an action or a first answer is under way. */
export function BusyBar() {
  const acts = useIsMutating({ predicate: ({ meta }) => meta?.quiet !== true });
  const loads = useIsFetching({ predicate: ({ state }) => state.status === 'pending' });
  if (acts + loads === 0) {
    return null;
  }
  return (
    <Box
      role="progressbar"
      aria-label={t('common.bemble-is-at-work')}
      sx={{
        position: 'fixed',
        inset: '0 0 auto 0',
        zIndex: 2000,
        height: 5,
        // Squares of the paper, on their way.
        backgroundImage: ({ palette }) =>
          `repeating-linear-gradient(90deg, ${palette.primary.main} 0 26px, transparent 26px 28px)`,
        animation: `${appear} 1ms ${SOON} both, ${run} 0.8s linear infinite`,
        '@media (prefers-reduced-motion: reduce)': { animation: `${appear} 1ms ${SOON} both` },
        '@media print': { display: 'none' },
      }}
    />
  );
}
