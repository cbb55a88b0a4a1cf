import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { api } from '../api/client';
import { useLadderChange } from '../session/ladder';
import { t } from '../words';

/** Asks before all changes to the ladder are taken back. */
export function ShippedDialog({ onClose }: { onClose: () => void }) {
  const change = useLadderChange();
  return (
    <Dialog open onClose={onClose} aria-labelledby="shipped-title">
      <DialogTitle id="shipped-title">{t('sets.take-back-all-changes-to')}</DialogTitle>
      <DialogContent>
        {t('sets.the-rungs-of-all-operations')}
        {change.error && <p role="alert">{change.error.message}</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('sets.keep-my-changes')}</Button>
        <Button
          variant="contained"
          disabled={change.isPending}
          onClick={() => change.mutate(() => api.ladderAsShipped(), { onSuccess: onClose })}
        >
          {t('sets.take-them-back')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
