import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { lazy, Suspense, useState } from 'react';
import type { Working } from '../api/types';
import { useDesk } from '../session/deskContext';

const ElsewhereDialog = lazy(() => import('./ElsewhereDialog'));

/** How this page is checked, and checking a working done elsewhere. */
export function CheckLine({ working }: { working: Working }) {
  const { workAnew } = useDesk();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [elsewhere, setElsewhere] = useState(false);
  const { check, sum } = working;
  const chosen = check.choices.find(({ value }) => value === check.choice);
  return (
    <Box
      sx={{
        order: { xs: 3, md: 0 },
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
      }}
    >
      {chosen && (
        <Button
          aria-haspopup="menu"
          title={check.about}
          onClick={(event) => setAnchor(event.currentTarget)}
          sx={SMALL}
        >
          Check: {chosen.name} ▾
        </Button>
      )}
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {check.choices.map(({ value, name }) => (
          <MenuItem
            key={value}
            selected={value === check.choice}
            onClick={() => {
              setAnchor(null);
              workAnew({ ...sum, check: value });
            }}
          >
            {name}
          </MenuItem>
        ))}
      </Menu>
      <Button onClick={() => setElsewhere(true)} sx={SMALL}>
        Check my working
      </Button>
      {elsewhere && (
        <Suspense fallback={null}>
          <ElsewhereDialog working={working} onClose={() => setElsewhere(false)} />
        </Suspense>
      )}
    </Box>
  );
}

const SMALL = { minHeight: 32, px: 1.25, fontSize: 15 };
