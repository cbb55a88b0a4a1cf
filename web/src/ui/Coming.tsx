import Box from '@mui/material/Box';
import { t } from '../words';

/** Stands for a screen that is still to come, or that cannot come. */
export function Coming({ trouble }: { trouble: Error | null | undefined }) {
  return (
    <Box component="main" role={trouble ? 'alert' : 'status'} sx={{ p: 4, fontSize: 20 }}>
      {trouble?.message ?? t('common.loading')}
    </Box>
  );
}
