import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useMemo, useState } from 'react';
import type { Attempt, Hint, OwnSeat, Square } from '../api/types';
import { asPaper } from '../hand/asPaper';
import { Clock } from '../hand/Clock';
import { FindingCard } from '../hand/FindingCard';
import { Legend } from '../hand/Legend';
import { asWritten, Pale } from '../hand/Pale';
import type { Path } from '../hand/path';
import { squaresOf } from '../hand/pending';
import { SquareFrame } from '../hand/SquareFrame';
import { useAttempt } from '../hand/useAttempt';
import { useHand } from '../hand/useHand';
import { useWritingKeys } from '../hand/useWritingKeys';
import { VerdictMarks } from '../hand/VerdictMarks';
import { VERDICTS } from '../hand/verdicts';
import { same } from '../paper/geometry';
import { described } from '../paper/reading';
import { SquaredPage } from '../paper/SquaredPage';
import { CARD } from '../ui/card';
import { useAct } from '../ui/useAct';
import { useAnnounced } from '../ui/useAnnounced';
import { useNotice } from '../ui/useNotice';
import { useStable } from '../ui/useStable';
import { PupilKeys } from './PupilKeys';
import type { SeatLink } from './seatLink';
import { t } from '../words';

const NO_PATH: Path = [];

/** The page that a pupil works: paper, keys, and the words that the teacher allows. */
export function SeatPage({
  id,
  seat,
  link,
  away,
  onSeat,
}: {
  id: number;
  seat: OwnSeat;
  link: SeatLink;
  /** Whether the teacher's machine does not answer. */
  away: boolean;
  onSeat: (seat: OwnSeat) => void;
}) {
  const notice = useNotice();
  const slate = useAttempt(id, link, () => undefined);
  const { attempt, editor, report, strokes } = slate;
  const [hint, setHint] = useState<Hint | null>(null);
  const [stuck, setStuck] = useState(false);
  const ended = attempt?.handedInAt !== undefined;
  const say = useAct({
    mutationFn: link.stuck,
    onError: (trouble) => {
      setStuck(false);
      notice({ text: trouble.message });
    },
  });
  const { at, go, write, act, turn, settle, pending } = useHand({
    editor,
    path: attempt?.path ?? NO_PATH,
    open: attempt !== undefined && !ended && !slate.handingIn && !seat.stilled,
    onDone: () => {
      setHint(null);
      setStuck(false);
    },
  });
  /** A thumb that slips hands in no page on which nothing stands. */
  const isEmpty = editor.marks.length === 0 && !pending;
  const onWrite = useStable(write);
  const onAct = useStable((key: string) => !seat.stilled && act(key));
  const onUndo = useStable(() => turn('undo'));
  const onDone = useStable(() => {
    if (!ended && !seat.stilled && !isEmpty) {
      settle();
      slate.handIn({ explanation: '' });
    }
  });
  useWritingKeys({ write, act: onAct, turn, handIn: onDone });
  const written = useMemo(
    () => attempt && asPaper(editor.marks, attempt.paper.extent, attempt.paper),
    [attempt, editor.marks],
  );
  const next = useAct({
    mutationFn: link.next,
    onSuccess: onSeat,
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const help = useAct({
    mutationFn: () => link.hint(id),
    onSuccess: setHint,
    onError: (trouble) => notice({ text: trouble.message }),
  });
  useAnnounced(
    attempt &&
      (seat.stilled
        ? t('seat.all-eyes-to-the-front')
        : ended
          ? endOf(attempt)
          : t('seat.the-sum-is', { sum: attempt.problem })),
  );
  if (!attempt || !written) {
    return (
      <Box component="main" role="status" sx={{ p: 4, fontSize: 'lead' }}>
        {slate.trouble?.message ?? t('common.loading')}
      </Box>
    );
  }
  const told = (square: Square) => {
    const verdict = report?.figures.find((figure) => same(figure.at, square))?.verdict;
    return verdict && VERDICTS[verdict];
  };
  const layers = [
    { paper: attempt.paper, step: Infinity, boxless: true },
    { paper: written, step: 0 },
  ];
  const toggleStuck = () => {
    setStuck(!stuck);
    say.mutate(!stuck);
  };
  return (
    <Box component="main" sx={PAGE}>
      <Box sx={HEAD}>
        <Box component="h1" sx={{ m: 0, fontSize: 'head', flex: 1, minWidth: 0 }}>
          {attempt.problem}
        </Box>
        {seat.number !== undefined && (
          <Box sx={{ fontWeight: 700, color: 'text.secondary' }}>
            {[seat.number, seat.name].join(' ')}
          </Box>
        )}
        {seat.terms.showsTime && !ended && (
          <Clock since={Date.parse(attempt.begunAt)} now={link.now} />
        )}
      </Box>
      <SquaredPage
        room
        label={t('common.slate')}
        layers={layers}
        names={attempt}
        told={told}
        onSquare={ended || seat.stilled ? undefined : go}
        sightOf={ended ? undefined : at}
        overlay={
          <>
            {hint?.squares.map((square) => (
              <SquareFrame key={`${square.row} ${square.column}`} at={square} className="hinted" />
            ))}
            {hint && <Pale written={hint.shown} />}
            {pending && <Pale written={squaresOf(pending).map(asWritten)} />}
            {!ended && <SquareFrame at={at} className="cursor" />}
            {report && <VerdictMarks report={report} />}
          </>
        }
      />
      <Box sx={BELOW}>
        {(away || slate.stuck) && (
          <Box role="status" sx={{ fontSize: 'said' }}>
            {t('seat.no-network-what-you-write-waits', { strokes: strokes.length })}
          </Box>
        )}
        {seat.stilled ? (
          <Box data-testid="stilled" sx={{ ...CARD, fontSize: 'far', bgcolor: 'ink.now' }}>
            {t('seat.all-eyes-to-the-front')}
          </Box>
        ) : ended ? (
          <Ended attempt={attempt} seat={seat} onNext={() => next.mutate()} />
        ) : (
          <>
            <Box aria-live="polite">
              {hint ? (
                <Box sx={{ ...CARD, bgcolor: 'ink.now', fontSize: 'lead' }}>{hint.text}</Box>
              ) : (
                (report?.findings[0] && <FindingCard finding={report.findings[0]} />) ||
                (pending && <Box>{t('slate.next-ends-the-number')}</Box>)
              )}
            </Box>
            <PupilKeys onWrite={onWrite} onAct={onAct} onUndo={onUndo} canUndo={editor.canUndo} />
            <Box sx={{ display: 'flex', gap: 0.75 }}>
              <Button aria-pressed={stuck} onClick={toggleStuck} sx={WIDE}>
                {t('seat.i-am-stuck')}
              </Button>
              {seat.terms.hints && !attempt.silent && (
                <Button onClick={() => help.mutate()} sx={WIDE}>
                  {t('slate.hint')}
                </Button>
              )}
              <Button
                variant="contained"
                disabled={slate.handingIn || isEmpty}
                onClick={onDone}
                sx={WIDE}
              >
                {t('seat.i-am-done')}
              </Button>
            </Box>
          </>
        )}
      </Box>
      {!ended && (
        <Box aria-live="polite" data-testid="at-cursor" sx={visuallyHidden}>
          {[described(at, layers, attempt), told(at)].filter(Boolean).join(', ')}
        </Box>
      )}
    </Box>
  );
}

/** The closing words of a page that is handed in. */
const endOf = ({ report }: Attempt) =>
  report?.allRight
    ? t('slate.everything-is-right')
    : report
      ? t('seat.look-at-this-once-more')
      : t('seat.handed-in');

/** The part below a page that is handed in. */
function Ended({ attempt, seat, onNext }: { attempt: Attempt; seat: OwnSeat; onNext: () => void }) {
  const { report } = attempt;
  return (
    <>
      <Box data-testid="end" sx={{ fontSize: 'head', fontWeight: 700 }}>
        {endOf(attempt)}
      </Box>
      {report && !report.allRight && (
        <>
          {report.findings.slice(0, 1).map((finding, index) => (
            <FindingCard key={index} finding={finding} />
          ))}
          <Legend />
        </>
      )}
      {seat.work.more ? (
        <Button variant="contained" onClick={onNext} sx={WIDE}>
          {t('slate.next-sum')}
        </Button>
      ) : (
        <Box sx={{ fontSize: 'said', color: 'text.secondary' }}>{t('seat.the-next-sum-comes')}</Box>
      )}
    </>
  );
}

const WIDE = { flex: 1, minHeight: 52, fontSize: 'said' };

/** Paper above and keys below; side by side where there is more width than height. */
const PAGE = {
  height: '100%',
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr)',
  gridTemplateRows: 'auto minmax(0, 1fr) auto',
  bgcolor: 'background.paper',
  // The buttons that change the size of squares are pressed by thumbs too.
  '& button': { minWidth: 48, minHeight: 48 },
  '@media (orientation: landscape)': {
    gridTemplateColumns: 'minmax(0, 1fr) minmax(334px, 34%)',
    gridTemplateRows: 'auto minmax(0, 1fr)',
  },
} as const;

const HEAD = {
  gridColumn: '1 / -1',
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'baseline',
  columnGap: 2,
  px: 1.5,
  py: 0.75,
  bgcolor: 'ink.tab',
} as const;

const BELOW = {
  minHeight: 0,
  overflow: 'auto',
  display: 'flex',
  flexDirection: 'column',
  justifyContent: 'end',
  gap: 0.75,
  p: 1,
  bgcolor: 'ink.desk',
} as const;
