import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNavigate } from 'react-router';
import type { Run } from '../api/types';
import { useDeskTools } from '../session/deskContext';
import { CARD } from '../ui/card';
import { clock } from '../ui/time';
import { RunSquares } from './RunSquares';
import { progressTold } from './told';
import { t } from '../words';

/** How far a run has come, above the page that is being worked. */
export function RunStrip({ run }: { run: Run }) {
  const each = run.secondsEach;
  return (
    <Box
      role="group"
      aria-label={t('runs.run', { title: run.title })}
      sx={{ display: 'grid', gap: 0.75 }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, fontSize: 'plain' }}>
        <Box sx={{ fontWeight: 700 }}>{progressTold(run)}</Box>
        {each !== undefined && (
          <Box sx={{ color: 'text.secondary' }}>{t('runs.a-sum', { time: clock(each) })}</Box>
        )}
        {run.currentAgain && (
          <Box sx={{ color: 'text.secondary' }}>{t('runs.this-one-comes-again')}</Box>
        )}
      </Box>
      <RunSquares results={run.results} />
      {run.setDeleted && (
        <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>
          {t('runs.the-set-of-this-run')}
        </Box>
      )}
    </Box>
  );
}

/** Help where a slip is made time and again: a worked example, or the rung before. */
export function OfferCard({ run, onBack }: { run: Run; onBack: () => void }) {
  const navigate = useNavigate();
  const { setOut } = useDeskTools();
  const { offer } = run;
  if (!offer) {
    return null;
  }
  const { back } = offer;
  return (
    <Box sx={{ ...CARD, borderColor: 'ink.nowEdge', bgcolor: 'ink.now' }} data-testid="offer">
      <Box sx={{ fontSize: 'said', lineHeight: 1.3 }}>
        {t(back === undefined ? 'runs.slip-again' : 'runs.slip-again-or-back', {
          slip: offer.slip,
        })}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button
          onClick={() => {
            setOut({ plain: offer.example, method: offer.method });
            void navigate('/desk');
          }}
        >
          {t('runs.see-one-worked')}
        </Button>
        {back !== undefined && (
          <Button onClick={onBack}>{t('runs.step-back', { backName: offer.backName })}</Button>
        )}
      </Box>
    </Box>
  );
}

/** Lies over the page of a run that is paused: the sum is not looked at meanwhile. */
export function PausedPage({ run, onGoOn }: { run: Run; onGoOn: () => void }) {
  const intoFocus = (button: HTMLElement | null) => button?.focus();
  return (
    <Box
      component="main"
      sx={{
        display: 'grid',
        placeContent: 'center',
        justifyItems: 'center',
        gap: 2,
        p: 4,
        mb: 2.5,
        bgcolor: 'background.paper',
        borderRadius: '12px 4px 4px 12px',
        fontSize: 'lead',
      }}
    >
      <Box component="h2" sx={{ m: 0 }}>
        {t('runs.is-paused', { title: run.title })}
      </Box>
      <Box>{progressTold(run)}</Box>
      <Button variant="contained" ref={intoFocus} onClick={onGoOn}>
        {t('common.go-on')}
      </Button>
    </Box>
  );
}
