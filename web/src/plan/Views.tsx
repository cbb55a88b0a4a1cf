import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { NavLink, useLocation } from 'react-router';
import { t } from '../words';

const VIEWS = [
  { path: '/plan/today', name: t('plan.today-short') },
  { path: '/plan', name: t('plan.weeks') },
  { path: '/plan/log', name: t('plan.logbook') },
] as const;

/** The three views of the plan. */
export function Views() {
  const { pathname } = useLocation();
  return (
    <Box component="nav" aria-label={t('common.plan')} sx={{ display: 'flex', gap: 1 }}>
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
