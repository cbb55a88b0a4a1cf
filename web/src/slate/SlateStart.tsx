import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import { RunList } from '../runs/RunList';
import { BOOK, FOR_FINGERS, PAGES, RIGHT_PAGE } from '../ui/book';
import { KeptList, KeptRow } from '../ui/KeptList';
import { deletion } from '../ui/RowMenu';
import { useDeletion } from '../ui/useDeletion';
import { useDraft } from '../ui/useDraft';
import { useLongList } from '../ui/useLongList';
import { BeginForm } from './BeginForm';
import { clock } from '../ui/time';
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
  const navigate = useNavigate();
  const remove = useDeletion('attempts', api.removeAttempt, api.restoreAttempt);
  return (
    <KeptList
      of={useLongList(['attempts'], api.attempts)}
      reading={t('slate.the-attempts-are-being-read')}
      none={t('slate.nobody-has-tried-a-sum')}
      row={({ id, problem, who, methodName, handedIn, slip, slips, seconds }) => (
        <KeptRow
          key={id}
          title={problem}
          below={[who, methodName].filter(Boolean).join(' · ')}
          state={[
            !handedIn ? t('slate.not-handed-in') : (slip ?? t('slate.all-right')),
            slips > 1 && t('slate.and-slips', { slips }),
          ]}
          tone={slip ? 'bad' : handedIn ? 'good' : 'quiet'}
          aside={clock(seconds)}
          open={{
            label: handedIn ? t('common.look') : t('common.go-on'),
            name: t(handedIn ? 'slate.look-at' : 'slate.go-on-with', {
              problem,
              who: who || t('common.nobody'),
            }),
            run: () => void navigate(`/slate/${id}`),
          }}
          menu={[
            deletion(() => remove({ id, said: t('slate.the-attempt-at-is-deleted', { problem }) })),
          ]}
        />
      )}
    />
  );
}
