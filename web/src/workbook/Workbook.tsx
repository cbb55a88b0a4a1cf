import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { Trouble } from '../api/taken';
import type { Page, PageEntry, PageFile } from '../api/types';
import { useDeskTools } from '../session/deskContext';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { deferred } from '../ui/deferred';
import { More } from '../ui/More';
import { SearchField } from '../ui/SearchField';
import { useLongList } from '../ui/useLongList';
import { useDeletion } from '../ui/useDeletion';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { PageCard } from './PageCard';
import { RenameDialog } from './RenameDialog';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const BackupDialog = deferred(() => import('../backup/BackupDialog'));

/** The kept pages, to be found and opened on the Desk. */
export default function Workbook() {
  const [typed, setTyped] = useDraft('workbook search');
  const search = useDeferredValue(typed);
  const pages = useLongList(['pages', search], (before) => api.pages(search, before));
  const { open } = useDeskTools();
  const navigate = useNavigate();
  const remove = useDeletion('pages', api.remove, api.restore);
  const [renamed, setRenamed] = useState<PageEntry | null>(null);
  const [backingUp, setBackingUp] = useState(false);
  const openOnDesk = (page: Page) => {
    open(page);
    navigate('/desk');
  };

  return (
    <Box
      component="main"
      sx={{
        minHeight: 0,
        mb: 3,
        display: 'flex',
        flexDirection: 'column',
        bgcolor: 'background.paper',
        borderRadius: '12px 4px 4px 12px',
      }}
    >
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: 3,
          rowGap: 1.5,
          px: { xs: 2, sm: 3.5 },
          pt: 2.5,
          pb: 2,
        }}
      >
        <Typography variant="h2">{t('common.workbook')}</Typography>
        <SearchField label={t('workbook.find-by-sum-or-title')} value={typed} onChange={setTyped} />
        <ReadIn />
        <Button aria-haspopup="dialog" onClick={() => setBackingUp(true)}>
          {t('common.backups')}
        </Button>
        <Box role="status" sx={{ color: 'text.secondary' }}>
          {pages.total !== undefined && t('workbook.pages', { pages: pages.total })}
        </Box>
      </Box>
      <TroubleNote of={pages.error} />
      {pages.total === 0 && <Empty search={search} />}
      <Box
        component="ul"
        sx={{
          flex: 1,
          minHeight: 0,
          overflow: 'auto',
          m: 0,
          px: { xs: 2, sm: 3.5 },
          pb: 3,
          listStyle: 'none',
          display: 'grid',
          alignContent: 'start',
          gridAutoRows: 'max-content',
          gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))',
          gap: 2.5,
        }}
      >
        {pages.entries?.map((entry) => (
          <PageCard
            key={entry.id}
            entry={entry}
            onOpen={openOnDesk}
            onRename={setRenamed}
            onRemove={({ id, title }) => remove({ id, said: t('common.is-deleted', { title }) })}
          />
        ))}
        {pages.hasMore && (
          <Box component="li">
            <More asking={pages.isAsking} onMore={pages.more} />
          </Box>
        )}
      </Box>
      {backingUp && <BackupDialog onClose={() => setBackingUp(false)} />}
      {renamed && <RenameDialog entry={renamed} onClose={() => setRenamed(null)} />}
    </Box>
  );
}

/** Reads a page from a file and lays it on the Desk; nothing is kept by that. */
function ReadIn() {
  const { lay } = useDeskTools();
  const navigate = useNavigate();
  const notice = useNotice();
  const read = useAct({
    mutationFn: async (file: File) => {
      let page: PageFile;
      try {
        page = JSON.parse(await file.text()) as PageFile;
      } catch {
        throw new Trouble(t('workbook.no-page-file', { file: file.name }));
      }
      return api.readPage(page);
    },
    onSuccess: ({ working }) => lay(working),
    goOn: () => navigate('/desk'),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  return (
    <FileButton
      label={t('workbook.page-file')}
      accept="application/json,.json"
      onFile={(file) => read.mutate(file)}
    >
      {t('workbook.read-a-page-in')}
    </FileButton>
  );
}

function Empty({ search }: { search: string }) {
  return (
    <Box sx={{ px: 3.5, py: 4, fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
      {search.trim() === '' ? (
        <>
          {t('workbook.no-page-is-kept-yet')}
          <strong>{t('common.keep-page')}</strong>
          {t('workbook.it-will-be-here-with')}
        </>
      ) : (
        <>{t('workbook.no-page-has-in-its', { search })}</>
      )}
    </Box>
  );
}
