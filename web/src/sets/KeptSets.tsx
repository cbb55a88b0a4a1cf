import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { api } from '../api/client';
import { Trouble } from '../api/taken';
import type { SetFile } from '../api/types';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { More } from '../ui/More';
import { SearchField } from '../ui/SearchField';
import { isSecondClick, useDeletion } from '../ui/useDeletion';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { useLongList } from '../ui/useLongList';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The kept sets, to be found and opened. */
export function KeptSets({ onOpen }: { onOpen: (id: number) => void }) {
  const [typed, setTyped] = useDraft('set search');
  const search = useDeferredValue(typed);
  const sets = useLongList(['sets', search], (before) => api.sets(search, before));
  const remove = useDeletion('sets', api.removeSet, api.restoreSet);
  const notice = useNotice();
  const queries = useQueryClient();
  const read = useAct({
    mutationFn: async (file: File) => {
      let set: SetFile;
      try {
        set = JSON.parse(await file.text()) as SetFile;
      } catch {
        throw new Trouble(t('sets.no-set-file', { file: file.name }));
      }
      return api.readSet(set);
    },
    onSuccess: ({ id, title }) => {
      void queries.invalidateQueries({ queryKey: ['sets'] });
      notice({ text: t('sets.is-kept', { title }) });
      onOpen(id);
    },
    onError: (trouble) => notice({ text: trouble.message }),
  });
  return (
    <Box sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3.5 }, pb: 2 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <SearchField label={t('sets.find-a-set-by-its')} value={typed} onChange={setTyped} />
        <FileButton
          label={t('sets.set-file')}
          accept="application/json,.json"
          onFile={(file) => read.mutate(file)}
        >
          {t('sets.read-a-set-in')}
        </FileButton>
      </Box>
      <TroubleNote of={sets.error} />
      {sets.total === 0 && (
        <Box sx={{ py: 2, fontSize: 'said', lineHeight: 1.5, color: 'text.secondary' }}>
          {search.trim() === ''
            ? t('sets.no-set-is-kept-yet')
            : t('sets.no-set-has-in-its', { search })}
        </Box>
      )}
      <Box component="ul" sx={{ m: 0, mt: 1, p: 0, listStyle: 'none' }}>
        {sets.entries?.map(({ id, title, sums, versions }) => (
          <Box
            component="li"
            key={id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 1,
              py: 0.75,
              borderBottom: '1px dotted',
              borderColor: 'ink.edge',
            }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Box sx={{ fontSize: 'said', overflowWrap: 'anywhere' }}>{title}</Box>
              <Box sx={{ fontSize: 'note', color: 'text.secondary' }}>
                {t('sets.sums', { sums })}
                {versions > 1 && t('sets.versions-a-to', { versions: 'ABCD'[versions - 1] })}
              </Box>
            </Box>
            <Button aria-label={t('common.open-title', { title })} onClick={() => onOpen(id)}>
              {t('common.open')}
            </Button>
            <Button
              aria-label={t('common.delete-title', { title })}
              onClick={(event) =>
                isSecondClick(event) || remove({ id, said: t('common.is-deleted', { title }) })
              }
            >
              {t('common.delete')}
            </Button>
          </Box>
        ))}
      </Box>
      {sets.hasMore && <More asking={sets.isAsking} onMore={sets.more} />}
    </Box>
  );
}
