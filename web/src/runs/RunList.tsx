import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { RunEntry } from '../api/types';
import { LIST, ROW, ROW_BELOW, ROW_HEAD, ROW_TITLE } from '../ui/list';
import { More } from '../ui/More';
import { isSecondClick, useDeletion } from '../ui/useDeletion';
import { useLongList } from '../ui/useLongList';
import { markTold, standTold } from './told';
import { useRunSteps } from './useRun';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The runs so far; the open ones can be continued. */
export function RunList() {
  const runs = useLongList(['runs'], api.runs);
  return (
    <>
      <TroubleNote of={runs.error} />
      {runs.isPending && <Box role="status">{t('runs.the-runs-are-being-read')}</Box>}
      {runs.total === 0 && (
        <Box sx={{ fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
          {t('runs.no-run-yet-make-a')}
        </Box>
      )}
      <Box component="ul" sx={LIST}>
        {runs.entries?.map((entry) => (
          <Row key={entry.id} entry={entry} />
        ))}
      </Box>
      {runs.hasMore && <More asking={runs.isAsking} onMore={runs.more} />}
    </>
  );
}

function Row({ entry }: { entry: RunEntry }) {
  const navigate = useNavigate();
  const remove = useDeletion('runs', api.removeRun, api.restoreRun);
  const { next, isGoing } = useRunSteps();
  return (
    <Box component="li" sx={ROW}>
      <Box sx={ROW_HEAD}>
        <Box sx={ROW_TITLE}>{entry.title}</Box>
        <Box sx={ROW_BELOW}>{[entry.who, markTold(entry)].filter(Boolean).join(' · ')}</Box>
      </Box>
      <Box
        sx={{
          fontSize: 'plain',
          lineHeight: 1.25,
          color: !entry.ended ? 'text.secondary' : entry.passed ? 'success.main' : 'error.main',
        }}
      >
        {standTold(entry)}
      </Box>
      {entry.ended ? (
        <Button
          aria-label={t('runs.look-at-by', {
            title: entry.title,
            who: entry.who || t('common.nobody'),
          })}
          onClick={() => navigate(`/slate/run/${entry.id}`)}
        >
          {t('common.look')}
        </Button>
      ) : (
        <Button
          aria-label={t('runs.go-on-with-by', {
            title: entry.title,
            who: entry.who || t('common.nobody'),
          })}
          disabled={isGoing}
          onClick={() => next(entry.id)}
        >
          {t('common.go-on')}
        </Button>
      )}
      <Button
        aria-label={t('common.delete-title', { title: entry.title })}
        onClick={(event) =>
          isSecondClick(event) ||
          remove({ id: entry.id, said: t('runs.the-run-is-deleted', { title: entry.title }) })
        }
      >
        {t('common.delete')}
      </Button>
    </Box>
  );
}
