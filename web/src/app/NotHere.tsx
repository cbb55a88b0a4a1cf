import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { t } from '../words';

/** The page for an address that no view has. */
export function NotHere() {
  return (
    <Box component="main" sx={{ p: 5, mb: 3, bgcolor: 'background.paper', borderRadius: 2 }}>
      <Box component="h2" sx={{ mt: 0 }}>
        {t('app.there-is-nothing-at-this')}
      </Box>
      <Link to="/desk">{t('app.to-the-desk')}</Link>
    </Box>
  );
}
