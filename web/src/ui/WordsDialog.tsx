import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { useDraft } from './useDraft';
import { LONGEST_NAME } from './names';
import { AskDialog } from './AskDialog';
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
    <AskDialog
      title={heading}
      content={{ sx: { display: 'grid', gap: 2.5 } }}
      does={{
        label: does,
        isOff: pending,
        // A failure is said as `trouble`; the words stay.
        run: () => void onKeep({ title, note }).then(forget, () => undefined),
      }}
      onClose={onClose}
    >
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
    </AskDialog>
  );
}
