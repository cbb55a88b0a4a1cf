import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Pupil } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import { AskDialog } from '../ui/AskDialog';
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
    <AskDialog
      title={t('marking.delete-for-good', { name: pupil.name })}
      trouble={remove.error}
      back={t('marking.keep', { name: pupil.name })}
      does={{ label: t('common.delete-for-good'), isOff: remove.isPending, run: remove.mutate }}
      onClose={onClose}
    >
      {t('marking.all-of-a-pupil-goes', { name: pupil.name })}
    </AskDialog>
  );
}
