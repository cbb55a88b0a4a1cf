import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useCallback, useState, type ReactNode } from 'react';
import { t } from '../words';
import { NoticeContext, type Notice } from './useNotice';
import { useUndoKey } from './useUndoKey';

const SHORT_MS = 5000;
const ACTION_MS = 12000;

/**
 * Shows one short notice at the foot of the screen, with at most one thing to do about it. What can
 * be undone stays until it is dismissed. Those before it with something to do come back when it is
 * gone: each of several deletions can be undone, the last one first.
 */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const say = useCallback(
    (notice: Notice) =>
      setNotices((before) => [...before.filter(({ action, undo }) => action ?? undo), notice]),
    [],
  );
  const notice = notices.at(-1);
  const close = () => setNotices((before) => before.slice(0, -1));
  const undoable = notices.findLast((each) => each.undo);
  const undo = () => {
    setNotices((before) => before.filter((each) => each !== undoable));
    undoable?.undo?.();
  };
  useUndoKey(undo);
  return (
    <NoticeContext value={say}>
      {children}
      <Snackbar
        key={`${notices.length} ${notice?.text}`}
        open={notice !== undefined}
        autoHideDuration={notice?.undo ? null : notice?.action ? ACTION_MS : SHORT_MS}
        // Above the bar with what can be done.
        sx={{ bottom: { xs: 104, sm: 96 } }}
        onClose={(_, reason) => reason === 'timeout' && close()}
        message={notice?.text}
        action={
          <>
            {notice?.action && (
              <Button
                variant="contained"
                onClick={() => {
                  close();
                  notice.action?.run();
                }}
              >
                {notice.action.label}
              </Button>
            )}
            {notice?.undo && (
              <>
                <Button variant="contained" aria-keyshortcuts="Control+Z" onClick={undo}>
                  {t('common.undo')}
                </Button>
                <Button
                  variant="text"
                  sx={{ color: 'inherit', ml: 1 }}
                  onClick={() => setNotices([])}
                >
                  {t('common.dismiss')}
                </Button>
              </>
            )}
          </>
        }
      />
    </NoticeContext>
  );
}
