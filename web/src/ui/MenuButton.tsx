import Button, { type ButtonProps } from '@mui/material/Button';
import { useState } from 'react';
import { openedLater } from './deferred';
import type { Entry } from './MenuEntries';

const MenuEntries = openedLater(() => import('./MenuEntries'));

interface Props extends Omit<ButtonProps, 'onClick'> {
  /** The choices, as they are while the menu is open; none while they are still to come. */
  entries: () => Entry[] | undefined;
  onOpen?: () => void;
}

/** A button that opens a menu. */
export function MenuButton({ entries, onOpen, ...button }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [open, setOpen] = useState(false);
  /** The choices while the menu closes. */
  const [closing, setClosing] = useState<Entry[]>([]);
  const now = open ? entries() : closing;
  return (
    <>
      <Button
        aria-haspopup="menu"
        onClick={(event) => {
          setAnchor(event.currentTarget);
          setOpen(true);
          onOpen?.();
        }}
        {...button}
      />
      <MenuEntries
        open={open && now !== undefined}
        anchor={anchor}
        entries={now ?? []}
        onClose={() => {
          setClosing(now ?? []);
          setOpen(false);
        }}
      />
    </>
  );
}
