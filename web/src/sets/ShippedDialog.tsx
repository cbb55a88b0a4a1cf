import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { api } from '../api/client';
import { useLadderChange } from '../session/ladder';

/** Asks before all changes to the ladder are taken back. */
export function ShippedDialog({ onClose }: { onClose: () => void }) {
  const change = useLadderChange();
  return (
    <Dialog open onClose={onClose} aria-labelledby="shipped-title">
      <DialogTitle id="shipped-title">Take back all changes to the ladder?</DialogTitle>
      <DialogContent>
        The rungs of all operations get the names and the order that they had at first, and none is
        hidden. Rungs of your own stay, at the end.
        {change.error && <p role="alert">{change.error.message}</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Keep my changes</Button>
        <Button
          variant="contained"
          disabled={change.isPending}
          onClick={() => change.mutate(() => api.ladderAsShipped(), { onSuccess: onClose })}
        >
          Take them back
        </Button>
      </DialogActions>
    </Dialog>
  );
}
