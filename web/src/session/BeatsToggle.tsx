import Button, { type ButtonProps } from '@mui/material/Button';
import type { Working } from '../api/types';
import { t } from '../words';
import { useDeskTools } from './deskContext';

/** Sets the sum out figure by figure, or number by number again, from its first step on. */
export function BeatsToggle({ working, sx }: { working: Working; sx?: ButtonProps['sx'] }) {
  const { setOut, busy } = useDeskTools();
  const { style } = working.sum;
  const on = style?.layingDown === 'FIGURE_BY_FIGURE';
  const layingDown = on ? 'WHOLE_NUMBERS' : 'FIGURE_BY_FIGURE';
  return (
    <Button
      aria-pressed={on}
      disabled={busy}
      title={t('common.lay-each-figure-down')}
      onClick={() => setOut({ ...working.sum, style: { ...style, layingDown } })}
      sx={sx}
    >
      {t('common.figure-by-figure')}
    </Button>
  );
}
