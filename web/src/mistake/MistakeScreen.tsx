import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { skipToken, useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactNode } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { Mistake, MistakeRequest, Working } from '../api/types';
import { SheetStyles } from '../paper/SheetStyles';
import { SquaredPage } from '../paper/SquaredPage';
import type { Layer } from '../paper/layer';
import { layersAt, setOutPaper } from '../session/layers';
import { useDeskTools } from '../session/deskContext';
import { VerdictSign } from '../hand/VerdictMarks';
import { useAct } from '../ui/useAct';
import { save } from '../ui/save';
import { useKeys } from '../ui/useKeys';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import { Letters } from './Letters';
import {
  counted,
  fromAddress,
  lastPlace,
  letter,
  squareOf,
  stageAt,
  type Stage,
  type Steps,
} from './stages';

/** A made-up page with a slip, gone through in front of a whole class. */
export default function MistakeScreen() {
  const [query] = useSearchParams();
  const request = useMemo<MistakeRequest>(
    () => ({
      slip: query.get('slip') ?? '',
      seed: Number(query.get('seed')) || 0,
      sums: fromAddress(query.getAll('sum')),
    }),
    [query],
  );
  const made = useQuery({
    queryKey: ['mistake', request],
    queryFn: () => api.mistake(request),
    staleTime: Infinity,
    retry: false,
  });
  const sum = made.data?.wrong.sum;
  const right = useQuery({
    queryKey: ['mistake right', sum],
    queryFn: sum ? () => api.work(sum) : skipToken,
    staleTime: Infinity,
  });
  const trouble = made.error ?? right.error;
  return (
    <>
      <SheetStyles />
      <Box
        component="main"
        sx={{
          height: '100%',
          display: 'grid',
          gridTemplateRows: 'minmax(0, 1fr) auto auto',
          bgcolor: 'background.paper',
        }}
      >
        {made.data && right.data ? (
          <Gone request={request} mistake={made.data} right={right.data} />
        ) : (
          <Waiting>
            {trouble ? (
              <Box role="alert">{trouble.message}</Box>
            ) : (
              <Box role="status">{t('mistake.a-page-is-being-made')}</Box>
            )}
          </Waiting>
        )}
      </Box>
    </>
  );
}

function Waiting({ children }: { children: ReactNode }) {
  const navigate = useNavigate();
  return (
    <Box sx={{ p: 5, fontSize: 'far', lineHeight: 1.4 }}>
      {children}
      <Button sx={{ mt: 3 }} onClick={() => void navigate(-1)}>
        {t('common.back')}
      </Button>
    </Box>
  );
}

function Gone({
  request,
  mistake,
  right,
}: {
  request: MistakeRequest;
  mistake: Mistake;
  right: Working;
}) {
  const navigate = useNavigate();
  const notice = useNotice();
  const { wrong, squares, first } = mistake;
  const steps: Steps = {
    page: wrong.steps.length,
    check: wrong.check.steps.length,
    right: right.steps.length,
  };
  const [place, setPlace] = useState(0);
  const [votes, setVotes] = useState<number[]>([]);
  const [kept, setKept] = useState(false);
  const stage = stageAt(place, steps);
  const firstAt = squares.findIndex(({ row, column }) =>
    first.some((each) => each.row === row && each.column === column),
  );
  const told = votes.filter((vote) => vote === firstAt).length;
  const vote = useAct({
    mutationFn: () =>
      api.vote({ slip: mistake.slip, sum: wrong.sum, votes: votes.length, right: told }),
    onSuccess: () => setKept(true),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const strip = useAct({
    mutationFn: () => api.mistakePdf(request),
    onSuccess: (file) => notice({ text: t('mistake.saved-as', { name: save(file, STRIP) }) }),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  // Votes after the result was told do not count.
  const counted = kept || vote.isPending;
  const go = (to: number) => {
    if (stage.part === 'vote' && to > place && votes.length > 0 && !counted) {
      vote.mutate();
    }
    setPlace(Math.min(Math.max(to, 0), lastPlace(steps)));
  };
  useKeys((key) => {
    const voted = stage.part === 'vote' && !counted ? squareOf(key, squares.length) : undefined;
    if (voted !== undefined) {
      setVotes((before) => [...before, voted]);
      return true;
    }
    if (key === 'Backspace' && stage.part === 'vote' && !counted) {
      setVotes((before) => before.slice(0, -1));
      return true;
    }
    const to = KEYS[key]?.(place, lastPlace(steps));
    if (to !== undefined) {
      go(to);
    }
    if (key === 'Escape') {
      void navigate(-1);
    }
    return to !== undefined || key === 'Escape';
  });
  return (
    <>
      <Pages mistake={mistake} right={right} stage={stage} votes={votes} />
      <Box sx={{ px: 4, py: 1.5, bgcolor: 'ink.now', borderTop: 6, borderColor: 'ink.nowEdge' }}>
        <Box
          aria-live="polite"
          data-testid="sentence"
          sx={{ minHeight: '2.4em', fontSize: 'farther', lineHeight: 1.2 }}
        >
          {sentence(mistake, right, stage, votes.length)}
          {stage.part === 'check' && votes.length > 0 && (
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {' '}
              {t('mistake.voted', { told, votes: votes.length, letter: letter(firstAt) })}
            </Box>
          )}
        </Box>
        {stage.part === 'after' && <After mistake={mistake} />}
      </Box>
      <Box
        role="toolbar"
        aria-label={t('mistake.what-went-wrong')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, px: 3, py: 1, bgcolor: 'ink.desk' }}
      >
        <Button onClick={() => void navigate(-1)}>{t('common.close')}</Button>
        <Button disabled={strip.isPending} onClick={() => strip.mutate()}>
          {t('mistake.print-as-a-strip')}
        </Button>
        {stage.part === 'vote' && !kept && (
          <VoteKeys squares={squares.length} votes={votes} onVotes={setVotes} />
        )}
        <Box sx={{ flex: 1 }} />
        <Button aria-label={t('common.back')} disabled={place === 0} onClick={() => go(place - 1)}>
          ◂
        </Button>
        <Button
          variant="contained"
          disabled={place === lastPlace(steps)}
          onClick={() => go(place + 1)}
          sx={{ minWidth: 120 }}
        >
          {t('common.next')}
        </Button>
      </Box>
    </>
  );
}

const STRIP = 'what-went-wrong.pdf';

const KEYS: Record<string, (place: number, last: number) => number> = {
  ' ': (place) => place + 1,
  ArrowRight: (place) => place + 1,
  ArrowLeft: (place) => place - 1,
  Home: () => 0,
  End: (_, last) => last,
};

/** Numbers in their places would tell where the others are not. */
const NOTHING: Layer[] = [];

/** The page that goes wrong, and beside it an empty one until it is put right. */
function Pages({
  mistake: { wrong, squares, first, inSettingOut },
  right,
  stage,
  votes,
}: {
  mistake: Mistake;
  right: Working;
  stage: Stage;
  votes: number[];
}) {
  const { part, step } = stage;
  const shown = part === 'page' ? step : wrong.steps.length - 1;
  const checked = part === 'check' ? step : part === 'vote' ? -1 : wrong.check.steps.length - 1;
  const layers =
    part === 'page' || part === 'vote'
      ? [layersAt(wrong, shown)[0]]
      : layersAt(wrong, wrong.steps.length + checked);
  const isRight = part === 'right' || part === 'after';
  const rightStep = part === 'right' ? step : right.steps.length - 1;
  return (
    <Box
      sx={{
        minHeight: 0,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(2, minmax(0, 1fr))' },
        gridTemplateRows: { xs: 'repeat(2, minmax(0, 1fr))', sm: 'minmax(0, 1fr)' },
      }}
    >
      <SquaredPage
        room
        label={t('mistake.a-page-that-goes-wrong')}
        layers={layers}
        focus={part === 'page' ? (wrong.steps[step]?.focus ?? undefined) : undefined}
        names={wrong}
        walked
        overlay={
          part === 'vote' ? (
            <Letters squares={squares} votes={votes} />
          ) : part === 'page' ? null : (
            first.map((at) => (
              <VerdictSign key={`${at.row} ${at.column}`} at={at} verdict="FIRST_SLIP" />
            ))
          )
        }
      />
      <Box sx={{ minHeight: 0, borderLeft: { sm: 2 }, borderColor: { sm: 'ink.edge' } }}>
        <SquaredPage
          room
          label={t(isRight ? 'mistake.the-page-put-right' : 'mistake.an-empty-page')}
          layers={
            isRight
              ? [layersAt(right, rightStep)[0]]
              : inSettingOut
                ? NOTHING
                : [{ paper: setOutPaper(right), step: Infinity, boxless: true }]
          }
          focus={part === 'right' ? (right.steps[step]?.focus ?? undefined) : undefined}
          names={right}
          walked
        />
      </Box>
    </Box>
  );
}

function sentence(mistake: Mistake, right: Working, { part, step }: Stage, votes: number): string {
  switch (part) {
    case 'page':
      return mistake.wrong.steps[step]?.say ?? '';
    case 'vote':
      return t('mistake.where-does-it-first-go', { votes });
    case 'check':
      return mistake.wrong.check.steps[step]?.say ?? '';
    case 'question':
      return mistake.question;
    case 'right':
      return right.steps[step]?.say ?? '';
    case 'after':
      return t(mistake.after.length > 0 ? 'mistake.now-try-these' : 'mistake.it-is-put-right');
  }
}

/** The votes by finger: each letter, and the last one taken back. */
function VoteKeys({
  squares,
  votes,
  onVotes,
}: {
  squares: number;
  votes: number[];
  onVotes: (votes: number[]) => void;
}) {
  const counts = counted(votes);
  return (
    <Box role="group" aria-label={t('mistake.votes')} sx={{ display: 'flex', flexWrap: 'wrap' }}>
      {Array.from({ length: squares }, (_, index) => (
        <Button
          key={index}
          aria-label={t('mistake.vote-for', {
            letter: letter(index),
            votes: counts.get(index) ?? 0,
          })}
          onClick={() => onVotes([...votes, index])}
          sx={{ minWidth: 40, px: 0.5 }}
        >
          {letter(index)}
        </Button>
      ))}
      <Button disabled={votes.length === 0} onClick={() => onVotes(votes.slice(0, -1))}>
        {t('common.undo')}
      </Button>
    </Box>
  );
}

/** The sums that follow, each to be laid on the desk. */
function After({ mistake }: { mistake: Mistake }) {
  const navigate = useNavigate();
  const { setOut } = useDeskTools();
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mt: 1 }}>
      {mistake.after.map(({ problem, sum }) => (
        <Button
          key={problem}
          onClick={() => {
            setOut(sum);
            void navigate('/board');
          }}
          sx={{ fontSize: 'far', px: 3 }}
        >
          {problem}
        </Button>
      ))}
    </Box>
  );
}
