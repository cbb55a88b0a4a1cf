import { api } from '../api/client';
import { useLadderChange } from '../session/ladder';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** Asks before all changes to the ladder are taken back. */
export function ShippedDialog({ onClose }: { onClose: () => void }) {
  const change = useLadderChange();
  return (
    <AskDialog
      title={t('sets.take-back-all-changes-to')}
      trouble={change.error}
      back={t('sets.keep-my-changes')}
      does={{
        label: t('sets.take-them-back'),
        isOff: change.isPending,
        run: () => change.mutate(() => api.ladderAsShipped(), { onSuccess: onClose }),
      }}
      onClose={onClose}
    >
      {t('sets.the-rungs-of-all-operations')}
    </AskDialog>
  );
}
