import Box from '@mui/material/Box';
import { useQueryClient } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { api } from '../api/client';
import { Trouble } from '../api/taken';
import type { SetFile } from '../api/types';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { SearchField } from '../ui/SearchField';
import { KeptList, KeptRow } from '../ui/KeptList';
import { deletion } from '../ui/RowMenu';
import { useDeletion } from '../ui/useDeletion';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { useLongList } from '../ui/useLongList';
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
      <KeptList
        of={sets}
        reading={t('sets.the-sets-are-being-read')}
        none={
          search.trim() === ''
            ? t('sets.no-set-is-kept-yet')
            : t('sets.no-set-has-in-its', { search })
        }
        row={({ id, title, sums, versions }) => (
          <KeptRow
            key={id}
            title={title}
            below={[
              t('sets.sums', { sums }),
              versions > 1 && t('sets.versions-a-to', { versions: 'ABCD'[versions - 1] }),
            ]}
            open={{
              label: t('common.open'),
              name: t('common.open-title', { title }),
              run: () => onOpen(id),
            }}
            menu={[deletion(() => remove({ id, said: t('common.is-deleted', { title }) }))]}
          />
        )}
      />
    </Box>
  );
}
