import Box from '@mui/material/Box';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { PageEntry, RenameRequest } from '../api/types';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { WordsDialog } from '../ui/WordsDialog';
import { t } from '../words';

/** Gives a kept page another title or note. */
export function RenameDialog({ entry, onClose }: { entry: PageEntry; onClose: () => void }) {
  const notice = useNotice();
  const queries = useQueryClient();
  const { id, title, note, problem } = entry;
  const rename = useAct({
    mutationFn: (words: RenameRequest) => api.rename(id, words),
    onSuccess: (_, words) => {
      void queries.invalidateQueries({ queryKey: ['pages'] });
      void queries.invalidateQueries({ queryKey: ['page', id] });
      notice({ text: t('workbook.the-page-is-called-now', { trim: words.title.trim() }) });
      onClose();
    },
  });
  return (
    <WordsDialog
      draft={`of ${id}`}
      heading={t('workbook.rename-this-page')}
      about={<Box sx={{ fontSize: 'head', overflowWrap: 'anywhere' }}>{problem}</Box>}
      before={{ title, note }}
      does={t('workbook.rename-plain')}
      pending={rename.isPending}
      trouble={rename.error?.message}
      onClose={onClose}
      onKeep={rename.mutateAsync}
    />
  );
}
