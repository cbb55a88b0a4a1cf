import Box from '@mui/material/Box';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Working } from '../api/types';
import { useDeskTools } from '../session/deskContext';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { WordsDialog } from '../ui/WordsDialog';
import { t } from '../words';

/** Asks for a title and keeps the page; a failure is said here and the typed title stays. */
export default function KeepDialog({
  working,
  onClose,
}: {
  working: Working;
  onClose: () => void;
}) {
  const { dispatch } = useDeskTools();
  const notice = useNotice();
  const queries = useQueryClient();
  const { problem, sum } = working;
  const keep = useAct({
    mutationFn: (words: { title: string; note: string }) => api.keep({ sum, ...words }),
    onSuccess: (page) => {
      dispatch({ do: 'keep', page: { id: page.id, title: page.title } });
      void queries.invalidateQueries({ queryKey: ['pages'] });
      notice({ text: t('desk.is-in-the-workbook', { title: page.title }) });
      onClose();
    },
  });
  return (
    <WordsDialog
      draft={problem}
      heading={t('desk.keep-this-page')}
      about={<Box sx={{ fontSize: 'head', overflowWrap: 'anywhere' }}>{problem}</Box>}
      does={t('common.keep-page')}
      pending={keep.isPending}
      trouble={keep.error?.message}
      onClose={onClose}
      onKeep={keep.mutateAsync}
    />
  );
}
