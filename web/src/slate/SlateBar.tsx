import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { memo } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Attempt, Run } from '../api/types';
import { useDeskTools } from '../session/deskContext';
import { useRunSteps } from '../runs/useRun';
import { useAct } from '../ui/useAct';
import { BAR } from '../ui/book';
import { Kbd } from '../ui/Kbd';
import { useKeys } from '../ui/useKeys';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';

/** Below the slate: rubbing out, handing in, and where to go from here. */
export const SlateBar = memo(function SlateBar({
  attempt,
  run,
  canUndo,
  canRedo,
  onUndo,
  onRedo,
  onRub,
  onHandIn,
}: {
  attempt: Attempt;
  /** The run that it belongs to. */
  run: Run | undefined;
  canUndo: boolean;
  canRedo: boolean;
  onUndo: () => void;
  onRedo: () => void;
  onRub: () => void;
  onHandIn: () => void;
}) {
  const navigate = useNavigate();
  const { setOut } = useDeskTools();
  const notice = useNotice();
  const check = useAct({
    mutationFn: () => api.checkAttempt(attempt.id),
    goOn: ({ id }) => navigate(`/slate/${id}`),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const queries = useQueryClient();
  const mend = useAct({
    mutationFn: api.mend,
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['attempts'] }),
    goOn: ({ id }) => navigate(`/slate/${id}`),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const again = useAct({
    mutationFn: (other: 'the same' | 'like it') =>
      other === 'like it'
        ? api.likeAttempt(attempt.id)
        : api.beginAttempt({
            sum: attempt.sum,
            who: attempt.who,
            settingOut: attempt.settingOut,
            telling: attempt.telling,
          }),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['attempts'] }),
    goOn: ({ id }) => navigate(`/slate/${id}`),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const ended = attempt.handedInAt !== undefined;
  const checkOf = attempt.checkOf;
  /** Whether it is a page by itself that is handed in: another may follow. */
  const isAlone = ended && checkOf === undefined && attempt.run === undefined;
  const steps = useRunSteps();
  const isOpenRun = attempt.run !== undefined && run?.endedAt === undefined;
  const later = run?.results.findIndex(({ attempt: page }) => page === attempt.id) ?? -1;
  const wrong = run?.results.find((result, place) => place > later && result.right === false);
  useKeys((key) => {
    const goes = ended && isOpenRun && run !== undefined && key === 'Enter';
    if (goes) {
      steps.next(run.id);
    }
    const likes = isAlone && (key === 'n' || key === 'N') && !again.isPending;
    if (likes) {
      again.mutate('like it');
    }
    return goes || likes;
  });
  return (
    <Box sx={BAR}>
      {ended && isOpenRun && run && (
        <Button variant="contained" disabled={steps.isGoing} onClick={() => steps.next(run.id)}>
          {t('slate.next-sum')}
          <Kbd>↵</Kbd>
        </Button>
      )}
      {ended && attempt.run !== undefined && !isOpenRun && wrong && (
        <Button variant="contained" onClick={() => navigate(`/slate/${wrong.attempt}`)}>
          {t('slate.the-next-that-went-wrong')}
        </Button>
      )}
      {ended && !isOpenRun && (
        <>
          {attempt.report?.allRight !== true && (
            <Button disabled={mend.isPending} onClick={() => mend.mutate(attempt.id)}>
              {t('slate.mend-it')}
            </Button>
          )}
          {attempt.decision?.cameBack === false && checkOf !== undefined && (
            <Button disabled={mend.isPending} onClick={() => mend.mutate(checkOf)}>
              {t('slate.mend-the-first-page')}
            </Button>
          )}
          {isAlone && (
            <>
              <Button disabled={again.isPending} onClick={() => again.mutate('the same')}>
                {t('slate.the-same-again')}
              </Button>
              <Button disabled={again.isPending} onClick={() => again.mutate('like it')}>
                {t('slate.one-like-it')}
                <Kbd>N</Kbd>
              </Button>
            </>
          )}
          {checkOf === undefined ? (
            <Button variant="contained" disabled={check.isPending} onClick={() => check.mutate()}>
              {attempt.check === undefined ? t('slate.check-it-now') : t('slate.to-its-check')}
            </Button>
          ) : (
            <Button onClick={() => navigate(`/slate/${checkOf}`)}>
              {t('slate.back-to-what-it-proves')}
            </Button>
          )}
        </>
      )}
      {!ended && (
        <>
          <Button onClick={onRub}>{t('slate.clear-square')}</Button>
          <Button variant="contained" onClick={onHandIn} sx={{ whiteSpace: 'nowrap' }}>
            {t('slate.hand-in')}
            <Kbd>{t('slate.ctrl')}</Kbd>
          </Button>
          <Button disabled={!canUndo} onClick={onUndo}>
            {t('common.undo')}
          </Button>
          <Button disabled={!canRedo} onClick={onRedo}>
            {t('common.redo')}
          </Button>
        </>
      )}
      <Box
        sx={{
          display: { xs: 'none', sm: 'block' },
          flex: '1 1 140px',
          color: 'text.secondary',
          minWidth: 0,
        }}
      >
        {[attempt.methodName, attempt.who].filter(Boolean).join(' · ')}
      </Box>
      {!isOpenRun && (
        <Button
          onClick={() => {
            setOut(attempt.sum);
            navigate('/desk');
          }}
          sx={{ whiteSpace: 'nowrap' }}
        >
          {t('slate.see-it-on-the-desk')}
        </Button>
      )}
      {isOpenRun && run && !ended && (
        <Button onClick={() => steps.pause(run.id)}>{t('slate.pause')}</Button>
      )}
      {attempt.run === undefined ? (
        <Button onClick={() => navigate('/slate')} sx={{ whiteSpace: 'nowrap' }}>
          {t('slate.all-attempts')}
        </Button>
      ) : (
        <Button onClick={() => navigate(`/slate/run/${attempt.run}`)} sx={{ whiteSpace: 'nowrap' }}>
          {t('slate.the-run')}
        </Button>
      )}
    </Box>
  );
});
