import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { t } from '../words';

/** A sheet, laid flat. */
export function WholeSheet({
  scan,
  page,
  onClose,
}: {
  scan: number;
  page: number;
  onClose: () => void;
}) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="whole-sheet-title">
      <DialogTitle id="whole-sheet-title">{t('scan.whole-sheet')}</DialogTitle>
      <DialogContent role="region" aria-labelledby="whole-sheet-title" tabIndex={0}>
        <Box
          component="img"
          src={`/api/scans/${scan}/pages/${page}/sheet`}
          alt={t('scan.the-sheet-as-it-came-back')}
          sx={{ display: 'block', width: '100%' }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('common.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}
