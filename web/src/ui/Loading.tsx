import Box from '@mui/material/Box';
import { t } from '../words';

/** Stands where something is still to come. */
export function Loading() {
  return (
    <Box role="status" sx={{ p: 4, fontSize: 20, color: 'text.secondary' }}>
      {t('common.loading')}
    </Box>
  );
}
