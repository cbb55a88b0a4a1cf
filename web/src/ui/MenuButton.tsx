import Button, { type ButtonProps } from '@mui/material/Button';
import { useState } from 'react';
import { openedLater } from './deferred';
import type { Entry } from './MenuEntries';

const MenuEntries = openedLater(() => import('./MenuEntries'));

interface Props extends Omit<ButtonProps, 'onClick'> {
  /** What can be chosen, as it is while the menu is open; none while it is still to come. */
  entries: () => Entry[] | undefined;
  onOpen?: () => void;
}

/** A button that opens a menu. */
export function MenuButton({ entries, onOpen, ...button }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [open, setOpen] = useState(false);
  /** What closes keeps its entries until it is gone. */
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
