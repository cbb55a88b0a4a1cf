import Box from '@mui/material/Box';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { api } from '../api/client';
import type { Attempt, Hint, Square, Stroke } from '../api/types';
import { waitingIn } from '../api/waiting';
import { same } from '../paper/geometry';
import type { Layer } from '../paper/layer';
import { described, NAMELESS } from '../paper/reading';
import { SquaredPage } from '../paper/SquaredPage';
import { asPaper } from '../hand/asPaper';
import { asWritten, Pale } from '../hand/Pale';
import { SquareFrame } from '../hand/SquareFrame';
import type { Path } from '../hand/path';
import { squaresOf } from '../hand/pending';
import { marksAfter } from '../hand/strokes';
import { useAttempt } from '../hand/useAttempt';
import { useHand } from '../hand/useHand';
import { useWritingKeys } from '../hand/useWritingKeys';
import { OfferCard, PausedPage, RunStrip } from '../runs/RunStrip';
import { oneStepBack, useComingBack, useRun, useRunSteps } from '../runs/useRun';
import { Coming } from '../ui/Coming';
import { BOOK, FOR_FINGERS, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { useStable } from '../ui/useStable';
import { EndedPage } from './EndedPage';
import { HandInDialog } from './HandInDialog';
import { SlateBar } from './SlateBar';
import { VerdictMarks } from '../hand/VerdictMarks';
import { VERDICTS } from '../hand/verdicts';
import { WritingPage } from './WritingPage';
import { t } from '../words';

/** One attempt: an empty sheet to work on, and beside it the judge's report. */
export default function SlateScreen() {
  const { id } = useParams();
  return <OpenSlate key={id} id={Number(id)} />;
}

/** Whether a page of a run may be left for the next one at once. */
const isDone = ({ silent, report, decision }: Attempt) =>
  silent || (report?.allRight === true && (!decision || (decision.cameBack && decision.said)));

function OpenSlate({ id }: { id: number }) {
  const steps = useRunSteps();
  const slate = useAttempt(id, LINK, (ended) => {
    if (ended.run !== undefined) {
      (isDone(ended) ? steps.next : steps.look)(ended.run);
    }
  });
  const { attempt, editor, report, strokes } = slate;
  const { marks } = editor;
  const { run } = useRun(attempt?.run ?? null);
  useComingBack(run, steps.goOn);
  const isOpenRun = run !== undefined && run.endedAt === undefined;
  const [hint, setHint] = useState<Hint | null>(null);
  const [handingIn, setHandingIn] = useState(false);
  /** The number of strokes that a replay has drawn; null while none is running. */
  const [played, setPlayed] = useState<number | null>(null);
  const ended = attempt?.handedInAt !== undefined;
  const { at, go, aids, setAids, write, act, turn, settle, pending } = useHand({
    editor,
    path: attempt?.path ?? NO_PATH,
    open: attempt !== undefined && !ended && !slate.handingIn,
    onDone: () => setHint(null),
  });

  const onWrite = useStable(write);
  const onAct = useStable(act);
  const onRub = useStable(() => act('Backspace'));
  const onUndo = useStable(() => turn('undo'));
  const onRedo = useStable(() => turn('redo'));
  const onHandIn = useStable(() => {
    if (!ended) {
      settle();
      // In a run the next sum comes at once; only a check asks a question first.
      if (attempt?.run !== undefined && attempt.checkOf === undefined) {
        slate.handIn({ explanation: '' });
      } else {
        setHandingIn(true);
      }
    }
  });
  useWritingKeys({ write, act, turn, handIn: onHandIn, aids: () => setAids(!aids) });

  const playing = played !== null;
  const shown = useMemo(
    () => (playing ? marksAfter(strokes.slice(0, played)) : marks),
    [playing, played, strokes, marks],
  );
  const written = useMemo(
    () => attempt && asPaper(shown, attempt.paper.extent, attempt.paper),
    [attempt, shown],
  );

  if (!attempt || !written) {
    return <Coming trouble={slate.trouble} />;
  }
  if (run?.paused && !ended) {
    return <PausedPage run={run} onGoOn={() => steps.goOn(run.id)} />;
  }
  const told = (square: Square) => {
    const verdict = report?.figures.find((figure) => same(figure.at, square))?.verdict;
    return verdict && VERDICTS[verdict];
  };
  // A writer who sets the sum out may do so in other squares.
  const names = attempt.settingOut === 'GIVEN' ? attempt : NAMELESS;
  const layers: Layer[] = [
    { paper: attempt.paper, step: Infinity, boxless: true },
    { paper: written, step: 0 },
  ];
  return (
    <Box component="main" sx={{ ...SCREEN, ...FOR_FINGERS }}>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES, ...(!ended && ROOM_FOR_KEYS) }}>
        <SquaredPage
          label={t('common.slate')}
          layers={layers}
          names={names}
          told={told}
          onSquare={ended ? undefined : go}
          sightOf={ended ? undefined : at}
          overlay={
            <>
              {hint?.squares.map((square) => (
                <SquareFrame
                  key={`${square.row} ${square.column}`}
                  at={square}
                  className="hinted"
                />
              ))}
              {hint && <Pale written={hint.shown} />}
              {pending && (
                <g data-testid="pending">
                  <Pale written={squaresOf(pending).map(asWritten)} />
                </g>
              )}
              {!ended && <SquareFrame at={at} className="cursor" />}
              {report && !playing && <VerdictMarks report={report} />}
            </>
          }
        />
        <Box sx={RIGHT_PAGE}>
          {ended ? (
            <EndedPage
              attempt={attempt}
              played={played}
              onPlay={setPlayed}
              head={
                isOpenRun && (
                  <>
                    <RunStrip run={run} />
                    <OfferCard run={run} onBack={() => steps.begin(oneStepBack(run))} />
                  </>
                )
              }
            />
          ) : (
            <WritingPage
              attempt={attempt}
              head={isOpenRun && <RunStrip run={run} />}
              pausedMillis={run?.currentPausedMillis ?? 0}
              report={report}
              hint={hint}
              onHint={setHint}
              stuck={slate.stuck}
              pending={pending !== null}
              aids={aids}
              onAids={setAids}
              onWrite={onWrite}
              onAct={onAct}
            />
          )}
        </Box>
      </Box>
      {!ended && (
        <Box aria-live="polite" data-testid="at-cursor" sx={visuallyHidden}>
          {[described(at, layers, names), told(at)].filter(Boolean).join(', ')}
        </Box>
      )}
      <SlateBar
        attempt={attempt}
        run={run}
        canUndo={editor.canUndo}
        canRedo={editor.canRedo}
        onUndo={onUndo}
        onRedo={onRedo}
        onRub={onRub}
        onHandIn={onHandIn}
      />
      {handingIn && !ended && (
        <HandInDialog
          attempt={id}
          isCheck={attempt.checkOf !== undefined}
          pending={slate.handingIn}
          stuck={slate.stuck}
          onClose={() => setHandingIn(false)}
          onHandIn={slate.handIn}
        />
      )}
    </Box>
  );
}

const NO_PATH: Path = [];

const LINK = {
  read: api.attempt,
  write: api.write,
  handIn: api.handIn,
  waiting: waitingIn<Stroke>('slate'),
};

/** Where the pages stand below one another, paper and keys are seen together. */
const ROOM_FOR_KEYS = {
  gridTemplateRows: { xs: 'minmax(0, 1fr) minmax(0, 1fr)', md: 'minmax(0, 1fr)' },
};
