import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { api } from '../api/client';
import type { Pupil } from '../api/types';
import { today } from '../ui/days';
import { useAct } from '../ui/useAct';
import { save } from '../ui/save';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

const LONGEST = 1000;
const MOST = 40;

/** The letter to the parents, to be changed before it is printed. */
export default function LetterDialog({
  pupil,
  proposed,
  onClose,
}: {
  pupil: Pupil;
  /** Its paragraphs as Bemble proposes them. */
  proposed: string[];
  onClose: () => void;
}) {
  const notice = useNotice();
  const [draft, setDraft, forget] = useDraft(`letter ${pupil.id}`);
  const lines = draft === '' ? proposed : (JSON.parse(draft) as string[]);
  const change = (now: string[]) => setDraft(JSON.stringify(now));
  const written = lines.filter((line) => line.trim() !== '');
  const print = useAct({
    mutationFn: async () =>
      save(
        await api.letter(pupil.id, written),
        t('register.letter-file', {
          name: pupil.name,
          day: today(),
        }),
      ),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
  });
  return (
    <AskDialog
      title={t('register.letter-about', { name: pupil.name })}
      trouble={print.error}
      back={t('common.close')}
      does={{
        label: t('register.letter-as-pdf'),
        isOff: written.length === 0 || print.isPending,
        run: print.mutate,
      }}
      onClose={onClose}
    >
      {lines.map((line, place) => (
        // A paragraph is its place: the text of one that is being typed changes.
        <Box key={place} sx={{ display: 'flex', alignItems: 'flex-start', gap: 1, mt: 1 }}>
          <TextField
            multiline
            fullWidth
            size="small"
            value={line}
            onChange={({ target }) => change(lines.with(place, target.value))}
            slotProps={{
              htmlInput: {
                maxLength: LONGEST,
                'aria-label': t('register.paragraph', { number: place + 1 }),
              },
            }}
          />
          <Button
            size="small"
            aria-label={t('register.leave-out-paragraph', { number: place + 1 })}
            onClick={() => change(lines.toSpliced(place, 1))}
            sx={{ flexShrink: 0, mt: 0.25 }}
          >
            {t('register.leave-out')}
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
        <Button disabled={lines.length >= MOST} onClick={() => change([...lines, ''])}>
          {t('register.add-a-paragraph')}
        </Button>
        <Button disabled={draft === ''} onClick={forget}>
          {t('register.letter-as-proposed')}
        </Button>
      </Box>
    </AskDialog>
  );
}
