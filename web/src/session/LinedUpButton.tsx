import Box from '@mui/material/Box';
import Button, { type ButtonProps } from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { SumRef, Working } from '../api/types';
import { Drawing } from '../paper/Drawing';
import { t } from '../words';

/**
 * Shows what a sum in columns gives when its last number stands a column too far to the left; where
 * figures are laid down one by one, since that is what it is about.
 */
export function LinedUpButton({ working, sx }: { working: Working; sx?: ButtonProps['sx'] }) {
  const [open, setOpen] = useState(false);
  const { operation, paper, sum } = working;
  const isLinedUp = operation === 'ADDITION' || operation === 'SUBTRACTION';
  const isLaidDown = sum.style?.layingDown === 'FIGURE_BY_FIGURE';
  if (!isLinedUp || !isLaidDown || paper.onesColumn === undefined) {
    return null;
  }
  return (
    <>
      <Button title={t('common.show-what-a-wrong-lining-up')} onClick={() => setOpen(true)} sx={sx}>
        {t('common.lined-up-wrongly')}
      </Button>
      {open && <LinedUp sum={sum} onClose={() => setOpen(false)} />}
    </>
  );
}

function LinedUp({ sum, onClose }: { sum: SumRef; onClose: () => void }) {
  const { data, error } = useQuery({
    queryKey: ['lined up', sum],
    queryFn: () => api.linedUp(sum),
    retry: false,
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="lined-up">
      <DialogTitle id="lined-up">{t('common.lined-up-wrongly')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, fontSize: 22, lineHeight: 1.35 }}>
        {error && <Box role="alert">{error.message}</Box>}
        {data && (
          <>
            <Drawing paper={data.paper} step={Infinity} height={280} label={data.say} />
            <Box>{data.say}</Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('common.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}
