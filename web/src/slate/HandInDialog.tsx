import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControl from '@mui/material/FormControl';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormLabel from '@mui/material/FormLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import type { HandIn } from '../api/types';
import { useDraft } from '../ui/useDraft';
import { NotKept } from './WritingPage';
import { t } from '../words';

/** Gives the field the focus as soon as it is there. */
const focus = (field: HTMLElement | null) => field?.focus();

/** Room for the writer's own words before the page is handed in. */
export function HandInDialog({
  attempt,
  isCheck,
  pending,
  stuck,
  onClose,
  onHandIn,
}: {
  /** The number of the attempt. */
  attempt: number;
  /** Whether it proves another page, so that its writer decides whether it came back. */
  isCheck: boolean;
  pending: boolean;
  /** Whether the app cannot be reached. */
  stuck: boolean;
  onClose: () => void;
  onHandIn: (page: HandIn) => void;
}) {
  const [cameBack, setCameBack] = useDraft(`came back ${attempt}`);
  const [explanation, setExplanation] = useDraft(`explanation ${attempt}`);
  const isDecided = !isCheck || cameBack !== '';
  const hand = () => {
    if (!pending && isDecided) {
      onHandIn({ explanation, cameBack: isCheck ? cameBack === 'yes' : undefined });
    }
  };
  return (
    <Dialog
      open
      onClose={onClose}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && event.ctrlKey) {
          event.preventDefault();
          hand();
        }
      }}
      fullWidth
      maxWidth="sm"
      aria-labelledby="hand-in-title"
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          hand();
        }}
      >
        <DialogTitle id="hand-in-title">{t('slate.hand-the-page-in')}</DialogTitle>
        <DialogContent>
          {isCheck && (
            <FormControl required sx={{ mb: 2 }}>
              <FormLabel id="came-back">{t('slate.hold-what-you-found-against')}</FormLabel>
              <RadioGroup
                row
                aria-labelledby="came-back"
                value={cameBack}
                onChange={(_, value) => setCameBack(value)}
              >
                <FormControlLabel
                  value="yes"
                  control={<Radio />}
                  label={t('slate.yes-it-comes-back')}
                />
                <FormControlLabel
                  value="no"
                  control={<Radio />}
                  label={t('slate.no-it-does-not')}
                />
              </RadioGroup>
            </FormControl>
          )}
          <TextField
            multiline
            fullWidth
            minRows={3}
            inputRef={focus}
            label={t('slate.how-did-you-do-it')}
            value={explanation}
            onChange={(event) => setExplanation(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 2000 } }}
            disabled={pending}
            sx={{ mt: 1 }}
          />
          {pending && stuck && <NotKept what={t('slate.not-handed-in-yet')} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose} disabled={pending}>
            {t('slate.go-on-writing')}
          </Button>
          <Button type="submit" variant="contained" disabled={pending || !isDecided}>
            {t('slate.hand-in')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
