import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useState, type ReactNode } from 'react';
import { NoticeContext, type Notice } from './useNotice';

/** Shows one short notice at the foot of the screen, with at most one thing to do about it. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const close = () => setNotice(null);
  return (
    <NoticeContext value={setNotice}>
      {children}
      <Snackbar
        key={notice?.text}
        open={notice !== null}
        autoHideDuration={notice?.action ? 12000 : 5000}
        onClose={(_, reason) => reason === 'timeout' && close()}
        message={notice?.text}
        action={
          notice?.action && (
            <Button
              variant="contained"
              onClick={() => {
                notice.action?.run();
                close();
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
