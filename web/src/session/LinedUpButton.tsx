import Button, { type ButtonProps } from '@mui/material/Button';
import { useState } from 'react';
import type { Working } from '../api/types';
import { deferred } from '../ui/deferred';
import { t } from '../words';

const LinedUp = deferred(() => import('./LinedUp'));

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
