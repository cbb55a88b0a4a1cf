import Box from '@mui/material/Box';
import { styled } from '@mui/material/styles';
import { NavLink } from 'react-router';
import { TABS } from './tabList';

const Tab = styled(NavLink)(({ theme }) => ({
  display: 'flex',
  justifyContent: 'space-between',
  alignItems: 'center',
  gap: 4,
  width: 132,
  whiteSpace: 'nowrap',
  minHeight: 70,
  padding: '0 10px 0 16px',
  fontSize: 17.5,
  color: theme.palette.ink.quiet,
  background: theme.palette.ink.tab,
  textDecoration: 'none',
  borderRadius: '0 10px 10px 0',
  '& small': { fontSize: 13 },
  '&.active': {
    background: theme.palette.ink.page,
    color: theme.palette.ink.action,
    fontWeight: 700,
  },
  [theme.breakpoints.down('md')]: {
    width: 48,
    minHeight: 120,
    padding: '12px 0',
    writingMode: 'vertical-rl',
  },
}));

/** The index tabs that stand out of the book's right-hand edge. */
export function Tabs() {
  return (
    <Box
      component="nav"
      aria-label="Tabs"
      sx={{
        pt: 2,
        display: 'flex',
        flexDirection: 'column',
        gap: 1.25,
        '@media print': { display: 'none' },
      }}
    >
      {TABS.map(({ path, name }, index) => (
        <Tab key={path} to={path} aria-keyshortcuts={`Alt+${index + 1}`}>
          {name}
          <small aria-hidden>{index + 1}</small>
        </Tab>
      ))}
    </Box>
  );
}
