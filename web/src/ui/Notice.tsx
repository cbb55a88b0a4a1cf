import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useCallback, useState, type ReactNode } from 'react';
import { NoticeContext, type Notice } from './useNotice';

/**
 * Shows one short notice at the foot of the screen, with at most one thing to do about it. Those
 * before it with something to do come back when it is gone: each of several deletions can be
 * undone, the last one first.
 */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const say = useCallback(
    (notice: Notice) => setNotices((before) => [...before.filter(({ action }) => action), notice]),
    [],
  );
  const notice = notices.at(-1);
  const close = () => setNotices((before) => before.slice(0, -1));
  return (
    <NoticeContext value={say}>
      {children}
      <Snackbar
        key={`${notices.length} ${notice?.text}`}
        open={notice !== undefined}
        autoHideDuration={notice?.action ? 12000 : 5000}
        // Above the bar with what can be done.
        sx={{ bottom: { xs: 104, sm: 96 } }}
        onClose={(_, reason) => reason === 'timeout' && close()}
        message={notice?.text}
        action={
          notice?.action && (
            <Button
              variant="contained"
              onClick={() => {
                close();
                notice.action?.run();
              }}
            >
              {notice.action.label}
            </Button>
          )
        }
      />
    </NoticeContext>
  );
}
