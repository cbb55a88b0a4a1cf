import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type KeyboardEvent, type MouseEvent } from 'react';
import { api } from '../api/client';
import type { Grid, ReadWorking, SettledSquare, Square } from '../api/types';
import { asPaper, onPrinted } from '../hand/asPaper';
import { marksAfter } from '../hand/strokes';
import { SquareFrame } from '../hand/SquareFrame';
import { VerdictMarks } from '../hand/VerdictMarks';
import { Drawing } from '../paper/Drawing';
import { same } from '../paper/geometry';
import { Kbd } from '../ui/Kbd';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import type { OnSheet } from './settling';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { squaresOf, stepFrom, unreadOf } from './workings';

/** A square of a working, and the figure that a teacher sees in it. */
interface Settling {
  in: OnSheet;
  settled: SettledSquare;
}

const isIn = (squares: Square[], at: Square) => squares.some((each) => same(each, at));

/** Workings of wrong answers, one after another: as they were written, and as they are read. */
export function WorkingsDialog({
  grid,
  wrong,
  onClose,
}: {
  grid: Grid;
  /** The answers whose workings were read. */
  wrong: OnSheet[];
  onClose: () => void;
}) {
  const [place, setPlace] = useState(0);
  const [square, setSquare] = useState<Square>();
  /** The squares that were typed and are on their way. */
  const [ahead, setAhead] = useState<SettledSquare[]>([]);
  const kept = useQueryClient();
  const notice = useNotice();
  const answer = wrong[Math.min(place, wrong.length - 1)];
  const of = [answer?.scan ?? 0, answer?.page ?? 0, answer?.sum ?? 0] as const;
  const working = useQuery({
    queryKey: ['working', ...of, answer?.text],
    queryFn: () => api.readWorking(...of),
    enabled: answer !== undefined,
  });
  const settle = useAct({
    again: true,
    mutationFn: ({ in: { scan, page, sum }, settled }: Settling) =>
      api.settleSquares(scan, page, sum, [settled]),
    onSuccess: (read: ReadWorking, { in: { scan, page, sum, text } }) => {
      kept.setQueryData(['working', scan, page, sum, text], read);
      return kept.invalidateQueries({ queryKey: ['scans', grid.id] });
    },
    onError: (trouble) => notice({ text: trouble.message }),
    onSettled: (_read, _trouble, { settled }) =>
      setAhead((before) => before.filter((each) => each !== settled)),
  });
  const read = working.data;
  const open = read ? unreadOf(read.page.strokes).filter((each) => !isIn(ahead, each)) : [];
  const at = square ?? open[0];
  const go = (by: number) => {
    setSquare(undefined);
    setAhead([]);
    setPlace((place + by + wrong.length) % wrong.length);
  };
  const write = (what: Pick<SettledSquare, 'figure' | 'blank'>) => {
    if (at && answer) {
      const settled = { ...at, ...what };
      setAhead((before) => [...before, settled]);
      setSquare(undefined);
      settle.mutate({ in: answer, settled });
    }
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || !read) {
      return;
    }
    const { key } = event;
    if (/^\d$/.test(key) && !event.repeat) {
      write({ figure: Number(key) });
    } else if ((key === 'Delete' || key === 'Backspace') && !event.repeat) {
      write({ blank: true });
    } else if (key === 'ArrowUp' || key === 'ArrowDown') {
      go(key === 'ArrowUp' ? -1 : 1);
    } else if (key === 'ArrowLeft' || key === 'ArrowRight') {
      setSquare(stepFrom(squaresOf(read.page.strokes), at, key === 'ArrowLeft' ? -1 : 1));
    } else {
      return;
    }
    event.preventDefault();
  };
  const sum = answer && grid.sums[answer.sum];
  return (
    <AskDialog
      title={
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
          <Box component="span" sx={{ flex: 1 }}>
            {sum &&
              answer &&
              t('scan.sum-and-answer', {
                number: answer.sum + 1,
                problem: sum.problem,
                given: answer.text ?? '',
              })}
          </Box>
          <Box
            component="span"
            sx={{ fontSize: 'plain', fontWeight: 400, color: 'text.secondary' }}
          >
            {t('scan.working-of', { place: place + 1, workings: wrong.length })}
          </Box>
        </Box>
      }
      maxWidth="lg"
      more={
        <>
          <Box
            sx={{
              width: 1,
              px: 2,
              display: 'flex',
              flexWrap: 'wrap',
              alignItems: 'center',
              gap: 0.5,
            }}
          >
            <Box role="status" sx={{ flex: '1 1 240px', lineHeight: 1.4 }}>
              {open.length > 0
                ? t('scan.squares-are-unread', { squares: open.length })
                : t('scan.every-square-is-read')}
            </Box>
            {[...'0123456789'].map((figure) => (
              <Button
                key={figure}
                variant="outlined"
                disabled={!at}
                onClick={() => write({ figure: Number(figure) })}
                sx={{ minWidth: 44, fontSize: 'lead', px: 0 }}
              >
                {figure}
              </Button>
            ))}
            <Button disabled={!at} onClick={() => write({ blank: true })}>
              {t('scan.nothing-there')}
              <Kbd>⌫</Kbd>
            </Button>
          </Box>
          <Button onClick={() => go(-1)}>
            {t('scan.before')}
            <Kbd>↑</Kbd>
          </Button>
          <Button onClick={() => go(1)}>
            {t('common.next')}
            <Kbd>↓</Kbd>
          </Button>
          <Box sx={{ flex: 1 }} />
        </>
      }
      onClose={onClose}
      onKeyDown={onKey}
    >
      <TroubleNote of={working.error} />
      {read && answer && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
            gap: 2,
            alignItems: 'start',
          }}
        >
          <Written answer={answer} read={read} at={at} onSquare={setSquare} />
          <Box>
            <Read read={read} at={at} />
            <Said read={read} />
          </Box>
        </Box>
      )}
    </AskDialog>
  );
}

/** The working as it stands on paper; a press chooses a square. */
function Written({
  answer: { scan, page, sum },
  read: { firstRow, firstColumn, rows, columns },
  at,
  onSquare,
}: {
  answer: OnSheet;
  read: ReadWorking;
  at?: Square;
  onSquare: (at: Square) => void;
}) {
  const choose = ({ currentTarget, clientX, clientY }: MouseEvent) => {
    const box = currentTarget.getBoundingClientRect();
    onSquare({
      row: firstRow + Math.floor(((clientY - box.top) / box.height) * rows),
      column: firstColumn + Math.floor(((clientX - box.left) / box.width) * columns),
    });
  };
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Box component="figcaption" sx={CAPTION}>
        {t('scan.as-it-was-written')}
      </Box>
      {/* The keys that go from square to square do the same. */}
      {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions */}
      <div
        onClick={choose}
        style={{ position: 'relative', display: 'inline-block', cursor: 'crosshair' }}
      >
        <Box
          component="img"
          src={`/api/scans/${scan}/pages/${page}/squares/${sum}`}
          alt={t('scan.working-as-it-was-written')}
          sx={{ display: 'block', maxWidth: '100%', maxHeight: '54vh', borderRadius: 1 }}
        />
        {at && (
          <Box
            sx={{
              position: 'absolute',
              left: `${((at.column - firstColumn) / columns) * 100}%`,
              top: `${((at.row - firstRow) / rows) * 100}%`,
              width: `${100 / columns}%`,
              height: `${100 / rows}%`,
              // The sheet is paper, also where the screen is dark.
              outline: '3px solid #1f3d33',
            }}
          />
        )}
      </div>
    </Box>
  );
}

const CAPTION = { mb: 0.5, fontSize: 'plain', fontWeight: 700 };

/** The working as it is read, with the judge's verdict on each figure. */
function Read({ read: { page }, at }: { read: ReadWorking; at?: Square }) {
  const written = asPaper(marksAfter(page.strokes), page.paper.extent, page.paper);
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Box component="figcaption" sx={CAPTION}>
        {t('scan.as-it-is-read')}
      </Box>
      <Box sx={{ border: 1, borderColor: 'ink.square', borderRadius: 1 }}>
        <Drawing
          paper={onPrinted(page.paper, written)}
          step={Infinity}
          height={260}
          label={t('scan.working-as-it-is-read')}
        >
          <VerdictMarks report={page.report} />
          {at && !isOutside(at, written.extent) && <SquareFrame at={at} className="cursor" />}
        </Drawing>
      </Box>
    </Box>
  );
}

const isOutside = ({ row, column }: Square, { from, to }: { from: Square; to: Square }) =>
  row < from.row || row > to.row || column < from.column || column > to.column;

/** The judge's findings on the working. */
function Said({ read: { page } }: { read: ReadWorking }) {
  const { findings } = page.report;
  if (findings.length === 0) {
    return (
      <Box sx={{ mt: 1.5, fontSize: 'said', color: 'text.secondary' }}>
        {t('scan.nothing-is-sure-of-it-yet')}
      </Box>
    );
  }
  return (
    <Box component="ul" sx={{ m: 0, mt: 1.5, pl: 2.5, fontSize: 'said', lineHeight: 1.4 }}>
      {findings.map(({ squares, where, name }) => (
        <li key={`${squares[0]?.row} ${squares[0]?.column}`}>
          {t('scan.finding', { where, name })}
        </li>
      ))}
    </Box>
  );
}

/** Workings that were read with wrong answers, and the way to look at them. */
export function Workings({ grid, wrong }: { grid: Grid; wrong: OnSheet[] }) {
  const [open, setOpen] = useState(false);
  const whole = wrong.filter(({ unread }) => unread === 0).length;
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box>{t('scan.workings-were-read', { workings: wrong.length, whole })}</Box>
      <Box sx={{ color: 'text.secondary', fontSize: 'note', lineHeight: 1.4 }}>
        {t('scan.workings-go-with-answers')}
      </Box>
      <Box>
        <Button variant="outlined" aria-haspopup="dialog" onClick={() => setOpen(true)}>
          {t('scan.look-at-the-workings')}
        </Button>
      </Box>
      {open && <WorkingsDialog grid={grid} wrong={wrong} onClose={() => setOpen(false)} />}
    </Box>
  );
}
