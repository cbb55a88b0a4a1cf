import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Cell, Scan } from '../api/types';
import { BAR, BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { Coming } from '../ui/Coming';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import { KeepUntil } from './KeptSheets';
import { PilePage } from './PilePage';
import { answersOf, keyOf, nextOpen, type Ahead, type OnSheet } from './settling';
import { SettlingPage } from './SettlingPage';
import { wrongOf } from './workings';

/** How soon to ask for the next pages, which come one by one, in ms. */
const SOON = 700;

/** Filled sheets of a handout: read from pictures, settled, and taken into its grid. */
export default function SheetsIn({ handout }: { handout: number }) {
  const grid = useQuery({ queryKey: ['handout', handout], queryFn: () => api.handout(handout) });
  const scans = useQuery({
    queryKey: ['scans', handout],
    queryFn: () => api.scans(handout),
    refetchInterval: ({ state }) =>
      state.data?.some((each) => each.state === 'READING') ? SOON : false,
  });
  const kept = useQueryClient();
  const notice = useNotice();
  const navigate = useNavigate();
  const [ahead, setAhead] = useState<Ahead>(new Map());
  /** The answer that is shown; the first one to be settled, until another is chosen. */
  const [at, setAt] = useState<number | null>(null);
  /** The last day on which the pictures are kept once their answers are taken. */
  const [keep, setKeep] = useState<string>();
  const came = (scan: Scan) =>
    kept.setQueryData<Scan[]>(['scans', handout], (before) =>
      before?.map((each) => (each.id === scan.id ? scan : each)),
    );
  const settle = useAct({
    again: true,
    mutationFn: ({ scan, page, sum, text }: OnSheet & { place: number }) =>
      api.settleAnswers(scan, [{ page, sum, text }]),
    onSuccess: came,
    onError: (trouble, { place }) => {
      notice({ text: trouble.message });
      setAt(place);
    },
    onSettled: (_scan, _trouble, of) =>
      setAhead((before) => new Map([...before].filter(([key]) => key !== keyOf(of)))),
  });
  const untake = useAct({
    mutationFn: (cells: Cell[]) =>
      api.putAnswers(
        handout,
        cells.map(({ pupil, number, given }) => ({ pupil, number, seen: given })),
      ),
    onSuccess: () => kept.invalidateQueries({ queryKey: ['handout', handout] }),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const take = useAct({
    mutationFn: async () => {
      const taken = [];
      for (const { id } of scans.data ?? []) {
        taken.push(await api.takeSheets(id, keep));
      }
      return taken;
    },
    onSuccess: async (taken) => {
      const before = grid.data;
      await kept.invalidateQueries({ queryKey: ['handout', handout] });
      await kept.invalidateQueries({ queryKey: ['scans', handout] });
      await kept.invalidateQueries({ queryKey: ['kept-sheets', handout] });
      const cells = taken.flatMap((each) => each.kept);
      const stood = new Set(before?.cells.map(({ pupil, number }) => `${pupil} ${number}`));
      const left = taken.flatMap((each) => each.refused).length;
      const text = t('scan.answers-were-taken', { answers: cells.length });
      notice({
        text: left > 0 ? `${text} ${t('scan.others-stood-there', { left })}` : text,
        // Answers that stood in the grid before are not taken away with the others.
        undo: () =>
          untake.mutate(cells.filter(({ pupil, number }) => !stood.has(`${pupil} ${number}`))),
      });
    },
    goOn: (taken) =>
      taken.every(({ refused }) => refused.length === 0) && navigate(`/marking/${handout}`),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  if (!grid.data || !scans.data) {
    return <Coming trouble={grid.error ?? scans.error} />;
  }
  const answers = answersOf(scans.data, grid.data, ahead);
  const place = Math.min(at ?? Math.max(nextOpen(answers, 0), 0), answers.length - 1);
  const settled = answers.filter(({ text }) => text !== undefined).length;
  const onSettle = (text: string | undefined) => {
    const answer = answers[place];
    if (answer) {
      setAhead((before) => new Map(before).set(keyOf(answer), text));
      settle.mutate({ ...answer, text, place });
      const then = answers.map((each, i) => (i === place ? { ...each, text: text ?? '' } : each));
      const next = nextOpen(then, place + 1);
      setAt(next >= 0 ? next : place);
    }
  };
  return (
    <Box component="main" sx={SCREEN}>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES }}>
        <SettlingPage
          grid={grid.data}
          answers={answers}
          place={place}
          settled={settled}
          onPlace={setAt}
          onSettle={onSettle}
        />
        <Box sx={RIGHT_PAGE}>
          <PilePage
            handout={handout}
            grid={grid.data}
            scans={scans.data}
            wrong={wrongOf(answers, grid.data)}
            onScan={came}
          />
        </Box>
      </Box>
      <Box sx={BAR}>
        <Button
          variant="contained"
          disabled={settled === 0 || take.isPending || ahead.size > 0}
          onClick={() => take.mutate()}
        >
          {t('scan.take-into-the-grid', { answers: settled })}
        </Button>
        {settled > 0 && <KeepUntil day={keep} onDay={setKeep} />}
        <Box sx={{ flex: 1 }} />
        <Button component={Link} to={`/marking/${handout}`}>
          {t('scan.to-the-grid')}
        </Button>
      </Box>
    </Box>
  );
}
