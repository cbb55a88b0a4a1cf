import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { styled } from '@mui/material/styles';
import { memo, useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import { TABS } from './tabList';
import { SIZES } from '../theme';
import { t } from '../words';

const Tab = styled(NavLink)(({ theme }) => ({
  display: 'flex',
  justifyContent: 'space-between',
  alignItems: 'center',
  gap: 4,
  width: 132,
  whiteSpace: 'nowrap',
  minHeight: 60,
  padding: '0 10px 0 14px',
  fontSize: SIZES.said,
  color: theme.palette.ink.quiet,
  background: theme.palette.ink.tab,
  textDecoration: 'none',
  borderRadius: '0 10px 10px 0',
  '& small': { fontSize: SIZES.note },
  '&.active': {
    background: theme.palette.ink.page,
    color: theme.palette.ink.action,
    fontWeight: 700,
  },
  [theme.breakpoints.down('sm')]: {
    // One row on a phone, along which a finger moves.
    flex: '1 0 auto',
    width: 'auto',
    minHeight: 44,
    padding: '0 10px',
    justifyContent: 'center',
    borderRadius: 8,
    fontSize: SIZES.note,
    '& small': { display: 'none' },
  },
  [theme.breakpoints.between('sm', 'md')]: {
    width: 48,
    minHeight: 84,
    padding: '8px 0',
    fontSize: SIZES.note,
    writingMode: 'vertical-rl',
  },
}));

const SMALL = {
  alignSelf: { sm: 'center' },
  flexShrink: 0,
  px: { xs: 0.25, sm: 0.75 },
  minWidth: { xs: 40, sm: 64 },
  fontSize: 'note',
  color: 'ink.quiet',
};

const HELP = { ...SMALL, mt: { sm: 'auto' } };
const KEYS = { ...SMALL, mb: { sm: 1.5 } };

/** The index tabs that stand out of the book's right-hand edge. */
export const Tabs = memo(function Tabs({ onKeys }: { onKeys: () => void }) {
  const row = useRef<HTMLElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    row.current
      ?.querySelector('.active')
      ?.scrollIntoView({ block: 'nearest', inline: 'center', behavior: 'instant' });
  }, [pathname]);
  return (
    <Box
      component="nav"
      ref={row}
      aria-label={t('app.tabs')}
      sx={{
        // A place of its own, also while there is no screen beside it yet.
        gridColumn: { sm: 2 },
        gridRow: { xs: 2, sm: 1 },
        pt: { xs: 0.5, sm: 2 },
        pb: { xs: 0.5, sm: 0 },
        display: 'flex',
        flexDirection: { xs: 'row', sm: 'column' },
        overflowX: { xs: 'auto', sm: 'visible' },
        scrollbarWidth: 'none',
        gap: { xs: 0.5, sm: 0.75, md: 1.25 },
        '@media print': { display: 'none' },
      }}
    >
      {TABS.map(({ path, name }, index) => (
        <Tab key={path} to={path} aria-keyshortcuts={`Alt+${index + 1}`}>
          {name}
          <small aria-hidden>{index + 1}</small>
        </Tab>
      ))}
      <Button component={NavLink} to="/help" variant="text" aria-keyshortcuts="F1" sx={HELP}>
        {t('app.help')}
      </Button>
      <Button
        variant="text"
        aria-label={t('app.keys')}
        aria-keyshortcuts="?"
        onClick={onKeys}
        sx={KEYS}
      >
        {t('app.keys')}
      </Button>
    </Box>
  );
});
