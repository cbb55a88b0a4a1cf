import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Copy } from '../api/types';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { LOCALE, t } from '../words';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { BackupQuestion } from './BackupQuestion';

/** All data as one file, and back from a file or from a copy that Bemble made by itself. */
export default function BackupDialog({ onClose }: { onClose: () => void }) {
  const notice = useNotice();
  const queries = useQueryClient();
  const copies = useQuery({ queryKey: ['backups'], queryFn: api.backups });
  const day = new Date().toLocaleDateString('sv');
  const backUp = useAct({
    mutationFn: async () => save(await api.backup(), `bemble-${day}.zip`),
    onSuccess: (file) => notice({ text: t('common.downloaded', { name: file }) }),
  });
  const restore = useAct({
    mutationFn: ({ of, forget }: { of: File | string; forget: boolean }) =>
      typeof of === 'string' ? api.restoreCopy(of, forget) : api.restoreBackup(of, forget),
    onSuccess: ({ name }) => {
      void queries.invalidateQueries();
      notice({
        text: t('backup.the-backup-stands-in-the'),
        action: {
          label: t('common.undo'),
          run: () => restore.mutate({ of: name, forget: false }),
        },
      });
      onClose();
    },
  });
  const look = useAct({
    mutationFn: (of: File | string) =>
      typeof of === 'string' ? api.lookAtCopy(of) : api.lookAtBackup(of),
  });
  const forget = useAct({
    mutationFn: api.forgetInCopies,
    onSuccess: (done) => notice({ text: t('workbook.copies-forget', done) }),
  });
  const trouble = backUp.error ?? look.error ?? restore.error ?? forget.error ?? copies.error;
  const busy = [backUp, look, restore, forget].some(({ isPending }) => isPending);
  if (look.data && look.variables !== undefined) {
    const of = look.variables;
    return (
      <BackupQuestion
        look={look.data}
        trouble={restore.error?.message}
        busy={restore.isPending}
        onRestore={(again) => restore.mutate({ of, forget: again })}
        onBack={() => {
          look.reset();
          restore.reset();
        }}
      />
    );
  }
  return (
    <AskDialog
      title={t('common.backups')}
      content={{ sx: { display: 'grid', gap: 2 } }}
      onClose={onClose}
    >
      <Box>{t('backup.a-backup-is-all-that')}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="contained" disabled={busy} onClick={() => backUp.mutate()}>
          {backUp.isPending ? t('common.making-it') : t('backup.download-a-backup')}
        </Button>
        <FileButton
          label={t('backup.backup-file')}
          accept="application/zip,.zip"
          disabled={busy}
          onFile={(file) => look.mutate(file)}
        >
          {look.isPending ? t('backup.looking') : t('backup.bring-a-backup-back')}
        </FileButton>
      </Box>
      <TroubleNote of={trouble} />
      <Box>
        <Box component="h3" sx={{ fontSize: 'plain', mt: 1, mb: 0.5 }}>
          {t('backup.copies-that-bemble-made-by')}
        </Box>
        {copies.data?.length === 0 && (
          <Box sx={{ color: 'text.secondary' }}>{t('backup.none-yet-the-first-one')}</Box>
        )}
        <Box
          component="ul"
          sx={{ m: 0, p: 0, listStyle: 'none', maxHeight: 260, overflow: 'auto' }}
        >
          {copies.data?.map((copy) => (
            <Kept key={copy.name} copy={copy} disabled={busy} onRestore={look.mutate} />
          ))}
        </Box>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>
        {t('backup.whatever-is-brought-back-what')} {t('backup.copies-hold-deleted')}
      </Box>
      <Box>
        <Button disabled={busy} onClick={() => forget.mutate()}>
          {forget.isPending ? t('common.making-it') : t('backup.make-copies-forget')}
        </Button>
      </Box>
    </AskDialog>
  );
}

function Kept({
  copy: { name, at, bytes, before },
  disabled,
  onRestore,
}: {
  copy: Copy;
  disabled: boolean;
  onRestore: (name: string) => void;
}) {
  const moment = new Date(at).toLocaleString(LOCALE, { dateStyle: 'long', timeStyle: 'short' });
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 2,
        py: 0.5,
        borderBottom: '1px dotted',
        borderColor: 'ink.edge',
      }}
    >
      <Box sx={{ flex: 1, minWidth: 200 }}>
        {moment}
        {before && (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {t('backup.before-another-was-brought-back')}
          </Box>
        )}
      </Box>
      <Box sx={{ color: 'text.secondary' }}>
        {t('backup.kb', { ceil: Math.ceil(bytes / 1024) })}
      </Box>
      <Button
        aria-label={t('backup.bring-back-the-copy-of', { moment })}
        disabled={disabled}
        onClick={() => onRestore(name)}
      >
        {t('backup.bring-back')}
      </Button>
    </Box>
  );
}
