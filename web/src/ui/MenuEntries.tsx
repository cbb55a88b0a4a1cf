import Box from '@mui/material/Box';
import Divider from '@mui/material/Divider';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { ReactNode } from 'react';
import { t } from '../words';

/** A choice of a menu. */
export interface Entry {
  key: string | number;
  name: ReactNode;
  /** A note at its other end. */
  aside?: string;
  /** The keys that do it while the focus is within its row, as `Alt+ArrowUp`. */
  keys?: string;
  selected?: boolean;
  /** Whether a line divides it from the entries above. */
  isBelowLine?: boolean;
  /** Where there is none, the entry is a remark. */
  onChoose?: () => void;
}

/** A menu. */
export default function MenuEntries({
  open,
  anchor,
  entries,
  onClose,
}: {
  open: boolean;
  anchor: HTMLElement | null;
  entries: Entry[];
  onClose: () => void;
}) {
  return (
    <Menu open={open} anchorEl={anchor} onClose={onClose} slotProps={{ paper: { sx: PAPER } }}>
      {entries.flatMap(
        ({ key, name, keys, aside = told(keys), selected, isBelowLine, onChoose }) => [
          isBelowLine && <Divider key={`above ${key}`} />,
          <MenuItem
            key={key}
            aria-keyshortcuts={keys}
            selected={selected}
            disabled={!onChoose}
            onClick={() => {
              onClose();
              onChoose?.();
            }}
          >
            <Box component="span" sx={{ ...NAME, maxWidth: aside ? '66%' : '100%' }}>
              {name}
            </Box>
            {aside && (
              <Box component="span" sx={ASIDE}>
                {aside}
              </Box>
            )}
          </MenuItem>,
        ],
      )}
    </Menu>
  );
}

/** Keys as they stand on them. */
const told = (keys?: string) =>
  keys?.replace('Delete', t('ui.del')).replace('ArrowUp', '↑').replace('ArrowDown', '↓');

/** The paper of a menu, which is no wider than the screen. */
const PAPER = { maxHeight: 420, maxWidth: 'min(520px, calc(100% - 32px))' };

const NAME = { flex: '0 0 auto', overflow: 'hidden', textOverflow: 'ellipsis' };

const ASIDE = {
  ml: 'auto',
  pl: 3,
  color: 'text.secondary',
  fontSize: 'note',
  whiteSpace: 'normal',
  lineHeight: 1.2,
};
