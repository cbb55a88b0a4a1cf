import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useDraft } from '../ui/useDraft';
import { NotKept } from './WritingPage';

/** The field takes the keys as soon as it is there. */
const focus = (field: HTMLElement | null) => field?.focus();

/** Room for the writer's own words before the page is handed in. */
export function HandInDialog({
  attempt,
  pending,
  stuck,
  onClose,
  onHandIn,
}: {
  /** The number of the attempt. */
  attempt: number;
  pending: boolean;
  /** Whether the app cannot be reached. */
  stuck: boolean;
  onClose: () => void;
  onHandIn: (explanation: string) => void;
}) {
  const [explanation, setExplanation] = useDraft(`explanation ${attempt}`);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="hand-in-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onHandIn(explanation);
        }}
      >
        <DialogTitle id="hand-in-title">Hand the page in</DialogTitle>
        <DialogContent>
          <TextField
            multiline
            fullWidth
            minRows={3}
            inputRef={focus}
            label="How did you do it? (optional)"
            value={explanation}
            onChange={(event) => setExplanation(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && event.ctrlKey) {
                event.preventDefault();
                if (!pending) {
                  onHandIn(explanation);
                }
              }
            }}
            slotProps={{ htmlInput: { maxLength: 2000 } }}
            disabled={pending}
            sx={{ mt: 1 }}
          />
          {pending && stuck && <NotKept what="Not handed in yet" />}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose} disabled={pending}>
            Go on writing
          </Button>
          <Button type="submit" variant="contained" disabled={pending}>
            Hand in
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
