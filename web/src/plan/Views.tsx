import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { NavLink, useLocation } from 'react-router';

const VIEWS = [
  { path: '/plan/today', name: 'Today' },
  { path: '/plan', name: 'Weeks' },
  { path: '/plan/log', name: 'Logbook' },
] as const;

/** The three views of the plan. */
export function Views() {
  const { pathname } = useLocation();
  return (
    <Box component="nav" aria-label="Plan" sx={{ display: 'flex', gap: 1 }}>
      {VIEWS.map(({ path, name }) => (
        <Button
          key={path}
          component={NavLink}
          to={path}
          end
          size="small"
          variant={pathname === path ? 'contained' : 'outlined'}
        >
          {name}
        </Button>
      ))}
    </Box>
  );
}
