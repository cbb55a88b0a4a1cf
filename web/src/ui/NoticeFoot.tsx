import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { t } from '../words';
import type { Notice } from './useNotice';

const SHORT_MS = 5000;
const ACTION_MS = 12000;

/** A notice at the foot of the screen, and its actions. */
export default function NoticeFoot({
  open,
  notice,
  onClose,
  onUndo,
  onDismiss,
}: {
  open: boolean;
  notice: Notice | undefined;
  onClose: () => void;
  onUndo: () => void;
  onDismiss: () => void;
}) {
  return (
    <Snackbar
      open={open}
      autoHideDuration={notice?.undo ? null : notice?.action ? ACTION_MS : SHORT_MS}
      // Above the bar with the actions.
      sx={{ bottom: { xs: 104, sm: 96 } }}
      onClose={(_, reason) => reason === 'timeout' && onClose()}
      message={notice?.text}
      action={
        <>
          {notice?.action && (
            <Button
              variant="contained"
              onClick={() => {
                onClose();
                notice.action?.run();
              }}
            >
              {notice.action.label}
            </Button>
          )}
          {notice?.undo && (
            <>
              <Button variant="contained" aria-keyshortcuts="Control+Z" onClick={onUndo}>
                {t('common.undo')}
              </Button>
              <Button variant="text" sx={{ color: 'inherit', ml: 1 }} onClick={onDismiss}>
                {t('common.dismiss')}
              </Button>
            </>
          )}
        </>
      }
    />
  );
}
