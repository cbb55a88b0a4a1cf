import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import type { BackupLook } from '../api/types';
import { momentInFull } from '../ui/days';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/**
 * Asks before a backup replaces all data: its contents, and the deleted pupils who would return.
 */
export function BackupQuestion({
  look: { madeAt, backup, now, returning },
  trouble,
  busy,
  onRestore,
  onBack,
}: {
  look: BackupLook;
  trouble: string | undefined;
  busy: boolean;
  onRestore: (forget: boolean) => void;
  onBack: () => void;
}) {
  const [again, setAgain] = useState(false);
  const moment = madeAt && momentInFull(madeAt);
  return (
    <AskDialog
      title={t('backup.look-before')}
      content={{ sx: { display: 'grid', gap: 1.5 } }}
      trouble={trouble}
      back={t('common.back')}
      does={{
        label: busy ? t('backup.bringing-it-back') : t('backup.bring-back'),
        isOff: busy,
        run: () => onRestore(again && returning.length > 0),
      }}
      onClose={onBack}
    >
      <Box>
        <strong>
          {moment ? t('backup.backup-of', { moment }) : t('backup.backup-of-unknown')}
        </strong>{' '}
        {t('backup.it-holds', backup)}
      </Box>
      <Box>{t('backup.it-replaces', now)}</Box>
      {returning.length > 0 && (
        <Box sx={{ p: 1.25, bgcolor: 'ink.slipPage' }}>
          {t('backup.returning', { count: returning.length, names: returning.join(', ') })}
          <FormControlLabel
            sx={{ display: 'block', mt: 0.5 }}
            control={<Checkbox checked={again} onChange={(_, checked) => setAgain(checked)} />}
            label={t('backup.delete-them-again')}
          />
        </Box>
      )}
    </AskDialog>
  );
}
