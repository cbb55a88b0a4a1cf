import Box from '@mui/material/Box';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import type { Hint, Square } from '../api/types';
import { left, SIDE, top } from '../paper/geometry';
import { SquaredPage } from '../paper/SquaredPage';
import { asPaper } from '../paper/writing';
import { BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { useStable } from '../ui/useStable';
import { EndedPage } from './EndedPage';
import { HandInDialog } from './HandInDialog';
import { marksAfter } from './strokes';
import { SlateBar } from './SlateBar';
import { useAttempt } from './useAttempt';
import { useHand } from './useHand';
import { useSlateKeys } from './useSlateKeys';
import { VerdictMarks } from './VerdictMarks';
import { WritingPage } from './WritingPage';

/** One attempt: an empty sheet to work on, and beside it what the judge says. */
export default function SlateScreen() {
  const { id } = useParams();
  return <OpenSlate key={id} id={Number(id)} />;
}

function OpenSlate({ id }: { id: number }) {
  const slate = useAttempt(id);
  const { attempt, marks, report, strokes } = slate;
  const [hint, setHint] = useState<Hint | null>(null);
  const [handingIn, setHandingIn] = useState(false);
  /** How many strokes a replay has come to; null while none is running. */
  const [played, setPlayed] = useState<number | null>(null);
  const { at, go, aids, setAids, write, act, turn } = useHand(slate, () => setHint(null));
  const ended = attempt?.handedInAt !== undefined;

  const onWrite = useStable(write);
  const onStrike = useStable(() => act('/'));
  const onRub = useStable(() => act('Backspace'));
  const onUndo = useStable(() => turn('undo'));
  const onRedo = useStable(() => turn('redo'));
  const onHandIn = useStable(() => !ended && setHandingIn(true));
  useSlateKeys({ write, act, turn, handIn: onHandIn });

  const playing = played !== null;
  const shown = useMemo(
    () => (playing ? marksAfter(strokes.slice(0, played)) : marks),
    [playing, played, strokes, marks],
  );
  const written = useMemo(
    () => attempt && asPaper(shown, attempt.paper.extent, attempt.paper),
    [attempt, shown],
  );

  if (slate.trouble || !attempt || !written) {
    return (
      <Box component="main" role="alert" sx={{ p: 4, fontSize: 20 }}>
        {slate.trouble?.message}
      </Box>
    );
  }
  return (
    <Box component="main" sx={SCREEN}>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES, ...(!ended && ROOM_FOR_KEYS) }}>
        <SquaredPage
          label="Slate"
          layers={[
            { paper: attempt.paper, step: Infinity, boxless: true },
            { paper: written, step: 0 },
          ]}
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
              {hint && hint.shown.length > 0 && <Shown hint={hint} />}
              {!ended && <SquareFrame at={at} className="cursor" />}
              {report && !playing && <VerdictMarks report={report} />}
            </>
          }
        />
        <Box sx={RIGHT_PAGE}>
          {ended ? (
            <EndedPage attempt={attempt} played={played} onPlay={setPlayed} />
          ) : (
            <WritingPage
              attempt={attempt}
              report={report}
              hint={hint}
              onHint={setHint}
              aids={aids}
              onAids={setAids}
              onWrite={onWrite}
              onStrike={onStrike}
            />
          )}
        </Box>
      </Box>
      <SlateBar
        attempt={attempt}
        canUndo={slate.canUndo}
        canRedo={slate.canRedo}
        onUndo={onUndo}
        onRedo={onRedo}
        onRub={onRub}
        onHandIn={onHandIn}
      />
      {handingIn && (
        <HandInDialog
          pending={slate.handIn.isPending}
          onClose={() => setHandingIn(false)}
          onHandIn={(explanation) =>
            slate.handIn.mutate(explanation, { onSettled: () => setHandingIn(false) })
          }
        />
      )}
    </Box>
  );
}

/** One page below the other, the keys need all their room. */
const ROOM_FOR_KEYS = { gridTemplateRows: { xs: 'minmax(180px, 1fr) auto', md: 'minmax(0, 1fr)' } };

function SquareFrame({ at, className }: { at: Square; className: string }) {
  return (
    <rect
      className={className}
      data-testid={className}
      data-row={at.row}
      data-column={at.column}
      x={left(at) + 3}
      y={top(at) + 3}
      width={SIDE - 6}
      height={SIDE - 6}
      rx={6}
      fillOpacity={0.5}
    />
  );
}

/** What belongs in the squares of a hint that shows it. */
function Shown({ hint }: { hint: Hint }) {
  return hint.shown.map(({ at, text, spot }, index) => (
    <text
      key={index}
      className={spot === 'FULL' ? 'figure' : 'small'}
      x={left(at) + SIDE / 2}
      y={top(at) + SIDE / 2}
      opacity={0.55}
    >
      {text}
    </text>
  ));
}
