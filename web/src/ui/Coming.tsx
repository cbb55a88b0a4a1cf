import Box from '@mui/material/Box';
import { t } from '../words';

/** Stands for a screen, or for a part `within` one, that is still to come or cannot come. */
export function Coming({ trouble, within = false }: { trouble?: Error | null; within?: boolean }) {
  return (
    <Box
      component={within ? 'div' : 'main'}
      role={trouble ? 'alert' : 'status'}
      sx={{ p: 4, fontSize: 'lead', color: trouble ? undefined : 'text.secondary' }}
    >
      {trouble?.message ?? t('common.loading')}
    </Box>
  );
}
