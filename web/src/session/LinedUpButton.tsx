import Button, { type ButtonProps } from '@mui/material/Button';
import { useState } from 'react';
import type { Working } from '../api/types';
import { deferred } from '../ui/deferred';
import { t } from '../words';

const LinedUp = deferred(() => import('./LinedUp'));

/**
 * Shows the result of a sum in columns whose last number stands a column too far to the left; for
 * classes that lay figures down one by one, since it is about that.
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
