import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useDeskTools } from '../session/deskContext';
import { recentSums } from '../session/recent';
import { Menu } from '../ui/menu';
import { t } from '../words';

/** Opens the list of the sums that were set out lately, to lay one on the desk again. */
export function RecentSums() {
  const { setOut } = useDeskTools();
  const navigate = useNavigate();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const sums = anchor ? recentSums() : [];
  return (
    <>
      <Button
        variant="text"
        aria-haspopup="menu"
        aria-label={t('desk.sums-set-out-lately')}
        title={t('desk.sums-set-out-lately')}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ px: 1, color: 'text.secondary' }}
      >
        ▾
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        slotProps={{ paper: { sx: { maxHeight: 420, maxWidth: 520 } } }}
      >
        {sums.length === 0 && <MenuItem disabled>{t('desk.no-sum-has-been-set')}</MenuItem>}
        {sums.map(({ problem, method, sum }) => (
          <MenuItem
            key={problem}
            onClick={() => {
              setAnchor(null);
              setOut(sum);
              void navigate('/desk');
            }}
            sx={{ display: 'flex', justifyContent: 'space-between', gap: 3 }}
          >
            <Box sx={{ overflow: 'hidden', textOverflow: 'ellipsis', fontSize: 18 }}>{problem}</Box>
            <Box sx={{ color: 'text.secondary', fontSize: 15 }}>{method}</Box>
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
