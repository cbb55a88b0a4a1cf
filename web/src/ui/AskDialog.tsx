import Button from '@mui/material/Button';
import Dialog, { type DialogProps } from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent, { type DialogContentProps } from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useId, type ReactNode } from 'react';
import { t } from '../words';
import { TroubleNote } from './TroubleNote';

interface Props extends Pick<DialogProps, 'maxWidth' | 'onKeyDown'> {
  title: ReactNode;
  children: ReactNode;
  /** How the contents are laid out; contents that are only read can be scrolled by keys. */
  content?: Pick<DialogContentProps, 'sx' | 'tabIndex' | 'role'>;
  trouble?: Error | string | null;
  /** The label of the way back. */
  back?: string;
  /** Whether the way back is shut for a moment. */
  isBackOff?: boolean;
  /** What else stands at the foot. */
  more?: ReactNode;
  /** The main action, which Enter takes, too. */
  does?: { label: ReactNode; isOff?: boolean; run: () => void };
  onClose: () => void;
}

/** A dialog: its title, its contents, a way back and at most one main action. */
export function AskDialog({
  title,
  children,
  content,
  trouble,
  back,
  isBackOff,
  more,
  does,
  maxWidth = 'sm',
  onClose,
  onKeyDown,
}: Props) {
  const id = useId();
  const parts = (
    <>
      <DialogTitle id={id}>{title}</DialogTitle>
      <DialogContent aria-labelledby={content?.role && id} {...content}>
        {children}
        <TroubleNote of={trouble} />
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap' }}>
        {more}
        <Button onClick={onClose} disabled={isBackOff}>
          {back ?? t(does ? 'common.cancel' : 'common.close')}
        </Button>
        {does && (
          <Button type="submit" variant="contained" disabled={does.isOff}>
            {does.label}
          </Button>
        )}
      </DialogActions>
    </>
  );
  return (
    <Dialog
      open
      fullWidth
      maxWidth={maxWidth}
      aria-labelledby={id}
      onClose={onClose}
      // A handler that is there but undefined would take the place of the one that hears Escape.
      {...(onKeyDown && { onKeyDown })}
    >
      {does ? (
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            does.run();
          }}
          style={{ display: 'contents' }}
        >
          {parts}
        </form>
      ) : (
        parts
      )}
    </Dialog>
  );
}
