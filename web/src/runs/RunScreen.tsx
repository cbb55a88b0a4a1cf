import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNavigate, useParams } from 'react-router';
import { api } from '../api/client';
import type { Run, RunResult } from '../api/types';
import { useDeskTools } from '../session/deskContext';
import { Coming } from '../ui/Coming';
import { useAct } from '../ui/useAct';
import { BAR, BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { open } from '../ui/save';
import { clock } from '../ui/time';
import { useNotice } from '../ui/useNotice';
import { RunSquares } from './RunSquares';
import { markTold, progressTold } from './told';
import { useRun, useRunSteps } from './useRun';
import { t } from '../words';

/** A run as a whole: the result of each sum, and the ways to go on with the wrong ones. */
export default function RunScreen() {
  const { id } = useParams();
  const { run, error } = useRun(Number(id));
  const { next, isGoing, end } = useRunSteps();
  if (!run) {
    return <Coming trouble={error} />;
  }
  return (
    <Box component="main" sx={SCREEN}>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES }}>
        <Box
          role="region"
          aria-label={t('runs.sums-of-the-run')}
          tabIndex={0}
          sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3.5 }, py: 2 }}
        >
          <Box component="h2" sx={{ mt: 0, mb: 1, fontSize: 'head' }}>
            {run.title}
          </Box>
          {run.results.length === 0 && (
            <Box sx={{ fontSize: 'lead', color: 'text.secondary' }}>
              {t('runs.no-sum-is-worked-yet')}
            </Box>
          )}
          <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
            {run.results.map((result, place) => (
              <Row key={result.attempt} result={result} place={place} />
            ))}
          </Box>
        </Box>
        <Box sx={RIGHT_PAGE}>
          <Summary run={run} />
        </Box>
      </Box>
      <Box sx={BAR}>
        {run.endedAt === undefined && (
          <>
            <Button variant="contained" disabled={isGoing} onClick={() => next(run.id)}>
              {t('common.go-on')}
            </Button>
            <Button onClick={() => end(run.id)}>{t('runs.end-the-run-here')}</Button>
          </>
        )}
        <Mending run={run} />
        <Box sx={{ flex: 1 }} />
        <AllRuns />
      </Box>
    </Box>
  );
}

function AllRuns() {
  const navigate = useNavigate();
  return <Button onClick={() => navigate('/slate')}>{t('runs.all-runs')}</Button>;
}

function Row({ result, place }: { result: RunResult; place: number }) {
  const navigate = useNavigate();
  const { setOut } = useDeskTools();
  const { right } = result;
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '32px minmax(0, 5fr) minmax(0, 5fr) auto auto auto',
        alignItems: 'center',
        gap: 1,
        py: 0.5,
        borderBottom: '1px dotted',
        borderColor: 'ink.edge',
      }}
    >
      <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>{place + 1}.</Box>
      <Box sx={{ fontSize: 'said', overflowWrap: 'anywhere' }}>
        {result.problem}
        {result.answer !== undefined && ` = ${result.answer}`}
        {result.again && (
          <Box component="span" sx={{ color: 'text.secondary', fontSize: 'note' }}>
            {t('runs.again')}
          </Box>
        )}
      </Box>
      <Box
        sx={{ fontSize: 'plain', lineHeight: 1.25, color: right ? 'success.main' : 'error.main' }}
      >
        {right === undefined
          ? ''
          : right
            ? t('runs.one-right')
            : `○ ${result.slip ?? t('runs.not-right')}`}
      </Box>
      <span>{clock(result.seconds)}</span>
      <Button
        aria-label={t('runs.look-at', { problem: result.problem })}
        onClick={() => navigate(`/slate/${result.attempt}`)}
      >
        {t('runs.page')}
      </Button>
      {right !== undefined && (
        <Button
          aria-label={t('runs.see-worked', { problem: result.problem })}
          onClick={() => {
            setOut({ plain: result.plain, method: result.method });
            void navigate('/desk');
          }}
        >
          {t('runs.worked')}
        </Button>
      )}
    </Box>
  );
}

function Summary({ run }: { run: Run }) {
  const each = run.secondsEach;
  const slips = new Map<string, number>();
  for (const { slip } of run.results) {
    if (slip !== undefined) {
      slips.set(slip, (slips.get(slip) ?? 0) + 1);
    }
  }
  return (
    <Box
      sx={{
        height: '100%',
        overflow: 'auto',
        display: 'flex',
        flexDirection: 'column',
        gap: 2,
        px: { xs: 2, md: 3.5 },
        py: 2.5,
      }}
    >
      <Box role="status">
        {run.passed !== undefined && (
          <Box
            sx={{
              fontSize: 'far',
              fontWeight: 700,
              color: run.passed ? 'success.main' : 'error.main',
            }}
          >
            {run.passed ? t('runs.passed') : t('runs.not-passed')}
          </Box>
        )}
        <Box sx={{ fontSize: 'lead' }}>{progressTold(run)}</Box>
      </Box>
      <Box sx={{ color: 'text.secondary' }}>
        {[run.who, t('runs.pass-mark', { mark: markTold(run) })].filter(Boolean).join(' · ')}
      </Box>
      <RunSquares results={run.results} />
      <Box sx={{ fontSize: 'said' }}>
        {each === undefined
          ? t('runs.time', { all: clock(run.seconds) })
          : t('runs.time-and-pace', { all: clock(run.seconds), each: clock(each) })}
      </Box>
      {slips.size > 0 && (
        <Box>
          <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 'said' }}>
            {t('common.slips')}
          </Box>
          <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 'said', lineHeight: 1.5 }}>
            {[...slips].map(([slip, times]) => (
              <li key={slip}>
                {slip}
                {times > 1 && t('runs.times', { times })}
              </li>
            ))}
          </Box>
        </Box>
      )}
      {run.endedAt === undefined && run.telling === 'AT_END' && (
        <Box sx={{ color: 'text.secondary' }}>{t('runs.the-judge-speaks-at-the')}</Box>
      )}
      {run.setDeleted && (
        <Box sx={{ color: 'text.secondary' }}>{t('runs.the-set-of-this-run')}</Box>
      )}
    </Box>
  );
}

/** The ways to go on with the sums that went wrong. */
function Mending({ run }: { run: Run }) {
  const navigate = useNavigate();
  const notice = useNotice();
  const wrong = run.results.filter(({ right, again }) => right === false && !again);
  const sums = wrong.map(({ plain, method, rung }) => ({ plain, method, rung }));
  const title = t('runs.went-wrong', { title: run.title }).slice(0, 120);
  const print = useAct({
    mutationFn: async () => open(await api.setSheets({ title, sums, kind: 'WALK_THROUGH' })),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const { begin, isGoing } = useRunSteps();
  const again = () =>
    begin({
      title,
      who: run.who,
      sums,
      goal: { right: sums.length, inARow: false },
      terms: { telling: 'AFTER_EACH', withCheck: run.withCheck },
    });
  const [first] = wrong;
  if (!first) {
    return null;
  }
  return (
    <>
      <Button onClick={() => navigate(`/slate/${first.attempt}`)}>
        {t('runs.walk-through-those-that-went')}
      </Button>
      <Button disabled={print.isPending} onClick={() => print.mutate()}>
        {t('runs.print-them-worked')}
      </Button>
      {run.endedAt !== undefined && (
        <Button disabled={isGoing} onClick={again}>
          {t('runs.run-them-again')}
        </Button>
      )}
    </>
  );
}
