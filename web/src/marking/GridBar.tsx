import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { Link } from 'react-router';
import { BAR } from '../ui/book';
import { Kbd } from '../ui/Kbd';
import type { Way } from './entering';
import { t } from '../words';

/** The keys that stand for an answer, and their meanings. */
const LEGEND = [
  ['+', t('marking.right')],
  ['x', t('marking.wrong')],
  ['b', t('marking.blank')],
  ['a', t('marking.absent-in-line')],
  ['-', t('marking.not-asked-in-line')],
  [t('marking.key-letters'), t('marking.to-a-name')],
] as const;

/** The bar below the grid: it is drawn again only when one of its buttons changes. */
export const GridBar = memo(function GridBar({
  way,
  canUndo,
  canOpen,
  keys,
  onKeys,
  onWay,
  onUndo,
  onOpen,
  onMore,
}: {
  way: string;
  canUndo: boolean;
  canOpen: boolean;
  /** Whether keys to be touched are shown. */
  keys: boolean;
  onKeys: (shown: boolean) => void;
  onWay: (way: Way) => void;
  onUndo: () => void;
  onOpen: () => void;
  onMore: () => void;
}) {
  return (
    <Box sx={BAR}>
      <Box
        role="group"
        aria-label={t('marking.after-an-answer')}
        sx={{ display: 'flex', gap: 0.75 }}
      >
        <Button aria-pressed={way === 'across'} onClick={() => onWay('across')}>
          {t('marking.across')}
        </Button>
        <Button aria-pressed={way === 'down'} onClick={() => onWay('down')}>
          {t('marking.down')}
        </Button>
      </Box>
      <Button aria-pressed={keys} onClick={() => onKeys(!keys)}>
        {t('common.keys-to-touch')}
      </Button>
      <Button disabled={!canUndo} onClick={onUndo}>
        {t('common.undo')}
      </Button>
      <Box
        sx={{
          display: { xs: 'none', md: 'block' },
          flex: 1,
          minWidth: 0,
          fontSize: 'note',
          lineHeight: 1.5,
          color: 'text.secondary',
        }}
      >
        {LEGEND.map(([key, name]) => (
          <Box component="span" key={key} sx={{ display: 'inline-block' }}>
            <Kbd>{key}</Kbd>
            {name}
          </Box>
        ))}
      </Box>
      <Button disabled={!canOpen} aria-haspopup="dialog" onClick={onOpen}>
        {t('common.open')}
        <Kbd>{t('common.space')}</Kbd>
      </Button>
      <Button aria-haspopup="dialog" onClick={onMore}>
        {t('marking.paper-and-more')}
      </Button>
      <Button component={Link} to="/marking">
        {t('marking.handouts')}
      </Button>
    </Box>
  );
});
