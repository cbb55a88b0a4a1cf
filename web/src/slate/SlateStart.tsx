import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { AttemptEntry } from '../api/types';
import { RunList } from '../runs/RunList';
import { BOOK, FOR_FINGERS, PAGES, RIGHT_PAGE } from '../ui/book';
import { isSecondClick, useDeletion } from '../ui/useDeletion';
import { LIST, ROW, ROW_BELOW, ROW_HEAD, ROW_TITLE } from '../ui/list';
import { More } from '../ui/More';
import { useDraft } from '../ui/useDraft';
import { useLongList } from '../ui/useLongList';
import { BeginForm } from './BeginForm';
import { clock } from '../ui/time';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The attempts so far, and a new one to be begun. */
export default function SlateStart() {
  const [list, setList] = useDraft('slate list', 'attempts');
  const ofRuns = list === 'runs';
  return (
    <Box component="main" sx={{ ...BOOK, ...FOR_FINGERS, mb: 2.5, gridTemplateColumns: PAGES }}>
      {/* The form comes before a long list, though it stands behind it. */}
      <Box sx={{ ...RIGHT_PAGE, order: 1 }}>
        <BeginForm />
      </Box>
      <Box
        role="region"
        aria-label={ofRuns ? t('slate.runs') : t('slate.attempts')}
        tabIndex={0}
        sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3.5 }, py: 2 }}
      >
        <Box component="h2" sx={visuallyHidden}>
          {ofRuns ? t('slate.runs') : t('slate.attempts')}
        </Box>
        <Box
          role="group"
          aria-label={t('slate.what-is-listed')}
          sx={{ display: 'flex', gap: 1, mb: 1.5 }}
        >
          <Button aria-pressed={!ofRuns} onClick={() => setList('attempts')}>
            {t('slate.attempts')}
          </Button>
          <Button aria-pressed={ofRuns} onClick={() => setList('runs')}>
            {t('slate.runs')}
          </Button>
          <Button component={Link} to="/slate/room" sx={{ ml: 'auto' }}>
            {t('rooms.open-the-room')}
          </Button>
        </Box>
        {ofRuns ? <RunList /> : <AttemptList />}
      </Box>
    </Box>
  );
}

function AttemptList() {
  const attempts = useLongList(['attempts'], api.attempts);
  return (
    <>
      <TroubleNote of={attempts.error} />
      {attempts.isPending && <Box role="status">{t('slate.the-attempts-are-being-read')}</Box>}
      {attempts.total === 0 && (
        <Box sx={{ fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
          {t('slate.nobody-has-tried-a-sum')}
        </Box>
      )}
      <Box component="ul" sx={LIST}>
        {attempts.entries?.map((entry) => (
          <Row key={entry.id} entry={entry} />
        ))}
      </Box>
      {attempts.hasMore && <More asking={attempts.isAsking} onMore={attempts.more} />}
    </>
  );
}

function Row({ entry }: { entry: AttemptEntry }) {
  const navigate = useNavigate();
  const remove = useDeletion('attempts', api.removeAttempt, api.restoreAttempt);
  const result = !entry.handedIn ? t('slate.not-handed-in') : (entry.slip ?? t('slate.all-right'));
  return (
    <Box
      component="li"
      sx={{
        ...ROW,
        gridTemplateColumns: {
          xs: 'auto 1fr auto auto',
          sm: 'minmax(0, 5fr) minmax(0, 6fr) auto auto auto',
        },
      }}
    >
      <Box sx={ROW_HEAD}>
        <Box sx={ROW_TITLE}>{entry.problem}</Box>
        <Box sx={ROW_BELOW}>{[entry.who, entry.methodName].filter(Boolean).join(' · ')}</Box>
      </Box>
      <Box
        sx={{
          gridColumn: { xs: '1 / -1', sm: 'auto' },
          fontSize: 'plain',
          lineHeight: 1.25,
          color: entry.slip ? 'error.main' : entry.handedIn ? 'success.main' : 'text.secondary',
        }}
      >
        {result}
        {entry.slips > 1 && t('slate.and-slips', { slips: entry.slips })}
      </Box>
      <span>{clock(entry.seconds)}</span>
      <Button
        aria-label={t(entry.handedIn ? 'slate.look-at' : 'slate.go-on-with', {
          problem: entry.problem,
          who: entry.who || t('common.nobody'),
        })}
        onClick={() => navigate(`/slate/${entry.id}`)}
      >
        {entry.handedIn ? t('common.look') : t('common.go-on')}
      </Button>
      <Button
        aria-label={t('slate.delete', { problem: entry.problem })}
        onClick={(event) =>
          isSecondClick(event) ||
          remove({
            id: entry.id,
            said: t('slate.the-attempt-at-is-deleted', { problem: entry.problem }),
          })
        }
      >
        {t('common.delete')}
      </Button>
    </Box>
  );
}
