import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { api } from '../api/client';
import { useNotice } from '../ui/useNotice';
import { useClassChange, useClasses, useCurrentClass } from '../session/classes';
import { Menu } from '../ui/menu';
import { t } from '../words';

/** The current class; its name opens the list of all. */
export function ClassChoice() {
  const { data: classes = [] } = useClasses();
  const current = useCurrentClass();
  const change = useClassChange();
  const notice = useNotice();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  if (!current) {
    return null;
  }
  return (
    <>
      <Button
        variant="text"
        aria-haspopup="menu"
        aria-label={t('house.class', { name: current.name })}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          color: 'text.primary',
          fontSize: 14,
          minHeight: 26,
          p: '1px 4px',
          overflowWrap: 'anywhere',
          textAlign: 'right',
        }}
      >
        {current.name} ▾
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {classes.map(({ id, name, current: selected }) => (
          <MenuItem
            key={id}
            selected={selected}
            onClick={() => {
              setAnchor(null);
              change.mutate(() => api.chooseClass(id), {
                onError: (trouble) => notice({ text: trouble.message }),
              });
            }}
          >
            {name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
