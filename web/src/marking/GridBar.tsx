import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { Link } from 'react-router';
import { BAR } from '../ui/book';
import { Kbd } from '../ui/Kbd';
import type { Way } from './entering';

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
      <Box role="group" aria-label="After an answer" sx={{ display: 'flex', gap: 0.75 }}>
        <Button aria-pressed={way === 'across'} onClick={() => onWay('across')}>
          Across
        </Button>
        <Button aria-pressed={way === 'down'} onClick={() => onWay('down')}>
          Down
        </Button>
      </Box>
      <Button aria-pressed={keys} onClick={() => onKeys(!keys)}>
        Keys to touch
      </Button>
      <Button disabled={!canUndo} onClick={onUndo}>
        Undo
      </Button>
      <Box sx={{ flex: 1, minWidth: 0, fontSize: 14.5, lineHeight: 1.5, color: 'text.secondary' }}>
        <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
          <Kbd>+</Kbd> right <Kbd>b</Kbd> blank <Kbd>-</Kbd> not asked
        </Box>
      </Box>
      <Button disabled={!canOpen} aria-haspopup="dialog" onClick={onOpen}>
        Open
        <Kbd>Space</Kbd>
      </Button>
      <Button aria-haspopup="dialog" onClick={onMore}>
        Paper and more
      </Button>
      <Button component={Link} to="/marking">
        Handouts
      </Button>
    </Box>
  );
});
