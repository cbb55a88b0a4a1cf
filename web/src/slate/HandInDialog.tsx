import FormControl from '@mui/material/FormControl';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormLabel from '@mui/material/FormLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import type { HandIn } from '../api/types';
import { useDraft } from '../ui/useDraft';
import { NotKept } from './WritingPage';
import { AskDialog } from '../ui/AskDialog';
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
    <AskDialog
      title={t('slate.hand-the-page-in')}
      back={t('slate.go-on-writing')}
      isBackOff={pending}
      does={{ label: t('slate.hand-in'), isOff: pending || !isDecided, run: hand }}
      onClose={onClose}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && event.ctrlKey) {
          event.preventDefault();
          hand();
        }
      }}
    >
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
            <FormControlLabel value="no" control={<Radio />} label={t('slate.no-it-does-not')} />
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
    </AskDialog>
  );
}
