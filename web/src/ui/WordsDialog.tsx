import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { useDraft } from './useDraft';
import { LONGEST_NAME } from './names';
import { t } from '../words';

/** Asks for the title of a page and a note on it; the typed text stays until it is kept. */
export function WordsDialog({
  draft,
  heading,
  about,
  before,
  does,
  pending,
  trouble,
  onClose,
  onKeep,
}: {
  /** The name of the draft that the typed words belong to. */
  draft: string;
  heading: string;
  about: ReactNode;
  before?: { title: string; note: string };
  /** The label of the button. */
  does: string;
  pending: boolean;
  trouble?: string;
  onClose: () => void;
  /** Ends when it is kept. */
  onKeep: (words: { title: string; note: string }) => Promise<unknown>;
}) {
  const [title, setTitle, forgetTitle] = useDraft(`title ${draft}`, before?.title);
  const [note, setNote, forgetNote] = useDraft(`note ${draft}`, before?.note);
  const forget = () => {
    forgetTitle();
    forgetNote();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="words-title">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          // A failure is said as `trouble`; the words stay.
          onKeep({ title, note }).then(forget, () => undefined);
        }}
      >
        <DialogTitle id="words-title">{heading}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2.5 }}>
          {about}
          <TextField
            label={t('ui.title')}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
            autoFocus
            error={trouble !== undefined}
            helperText={trouble}
            slotProps={{ htmlInput: { maxLength: LONGEST_NAME } }}
          />
          <TextField
            label={t('ui.note-optional')}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            multiline
            minRows={2}
            slotProps={{ htmlInput: { maxLength: 2000 } }}
          />
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2.5 }}>
          <Button onClick={onClose}>{t('common.cancel')}</Button>
          <Button type="submit" variant="contained" disabled={pending}>
            {does}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
