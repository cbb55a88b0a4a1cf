import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SumRef } from '../api/types';
import { Drawing } from '../paper/Drawing';
import { t } from '../words';

/** The result of a sum in columns whose last number stands a column too far to the left. */
export default function LinedUp({ sum, onClose }: { sum: SumRef; onClose: () => void }) {
  const { data, error } = useQuery({
    queryKey: ['lined up', sum],
    queryFn: () => api.linedUp(sum),
    retry: false,
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="lined-up">
      <DialogTitle id="lined-up">{t('common.lined-up-wrongly')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, fontSize: 22, lineHeight: 1.35 }}>
        {error && <Box role="alert">{error.message}</Box>}
        {data && (
          <>
            <Drawing paper={data.paper} step={Infinity} height={280} label={data.say} />
            <Box>{data.say}</Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('common.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}
