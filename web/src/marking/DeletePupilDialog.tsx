import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Pupil } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import { dayTold } from './told';

/** The queries that tell of pupils, but for the page of the one who is deleted. */
const TELLING = ['handouts', 'handout', 'attempts', 'runs', 'plan'];

/** Copies age out within eight weeks. */
const COPIES_KEPT_MS = 56 * 24 * 3600 * 1000;

/** Asks before a pupil is deleted for good. */
export function DeletePupilDialog({
  pupil,
  onClose,
  onGone = onClose,
}: {
  pupil: Pupil;
  onClose: () => void;
  onGone?: () => void;
}) {
  const room = useCurrentClass();
  const queries = useQueryClient();
  const notice = useNotice();
  const forget = useAct({
    mutationFn: api.forgetInCopies,
    onSuccess: (done) => notice({ text: t('workbook.copies-forget', done) }),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const remove = useAct({
    mutationFn: () => api.deletePupil(pupil.id),
    onSuccess: (now) => {
      queries.setQueryData(['roll', room?.id], now);
      onGone();
      const until = new Date(Date.now() + COPIES_KEPT_MS).toLocaleDateString('sv');
      notice({
        text: t('marking.copies-hold', { name: pupil.name, day: dayTold(until) }),
        action: { label: t('marking.forget-in-copies'), run: () => forget.mutate() },
      });
      TELLING.forEach((key) => void queries.invalidateQueries({ queryKey: [key] }));
      void queries.invalidateQueries({ queryKey: ['register', room?.id] });
    },
  });
  return (
    <Dialog open onClose={onClose} aria-labelledby="going-title">
      <DialogTitle id="going-title">
        {t('marking.delete-for-good', { name: pupil.name })}
      </DialogTitle>
      <DialogContent>
        {t('marking.all-of-a-pupil-goes', { name: pupil.name })}
        {remove.error && <p role="alert">{remove.error.message}</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('marking.keep', { name: pupil.name })}</Button>
        <Button variant="contained" disabled={remove.isPending} onClick={() => remove.mutate()}>
          {t('common.delete-for-good')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
