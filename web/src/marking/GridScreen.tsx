import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { BAR, BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { Kbd } from '../ui/Kbd';
import { useDraft } from '../ui/useDraft';
import { AnswerGrid } from './AnswerGrid';
import { cellTold, keyOf, type Spot, type Way } from './entering';
import { GlancePage } from './GlancePage';
import { dayTold, KINDS } from './told';
import { useGrid } from './useGrid';

const MoreDialog = lazy(() => import('./MoreDialog'));
const CellDialog = lazy(() => import('./CellDialog'));

/** The answers to a handout, and beside them what they tell of the class. */
export function GridScreen({ id }: { id: number }) {
  const marking = useGrid(id);
  const { grid, cells } = marking;
  const [at, setAt] = useState<Spot>({ row: 0, column: 0 });
  const [way, setWay] = useDraft('marking way', 'across');
  const [opened, setOpened] = useState(false);
  const [sending, setSending] = useState(false);
  const navigate = useNavigate();
  if (!grid) {
    return (
      <Box component="main" role="alert" sx={{ p: 4, fontSize: 20 }}>
        {marking.trouble?.message}
      </Box>
    );
  }
  const pupil = grid.pupils[at.row];
  const cell = pupil && cells.get(keyOf(pupil.id, at.column));
  const undo = () => {
    const change = marking.undo();
    const row = grid.pupils.findIndex((each) => each.id === change?.pupil);
    if (change && row >= 0) {
      setAt({ row, column: change.number });
    }
  };
  return (
    <Box component="main" sx={SCREEN}>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES }}>
        <Box
          sx={{
            minHeight: 0,
            minWidth: 0,
            display: 'grid',
            gridTemplateRows: 'auto minmax(0, 1fr) auto',
            px: { xs: 1, md: 2 },
            py: 0.75,
          }}
        >
          <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2 }}>
            <Box component="h2" sx={{ m: 0, fontSize: 18 }}>
              {grid.title}
            </Box>
            <Box sx={{ fontSize: 14.5, color: 'text.secondary' }}>
              {[KINDS[grid.kind], dayTold(grid.givenOn)].join(' · ')}
            </Box>
            {grid.setChanged && (
              <Box role="note" sx={{ fontSize: 14.5 }}>
                The set has other sums by now. These are the ones that the pupils had.
              </Box>
            )}
          </Box>
          <AnswerGrid
            grid={grid}
            cells={cells}
            ahead={marking.ahead}
            at={at}
            onAt={setAt}
            way={way as Way}
            onEnter={marking.enter}
            onUndo={undo}
            onOpen={() => cell && setOpened(true)}
          />
          <Box
            aria-live="polite"
            data-testid="square"
            sx={{ pt: 0.5, minHeight: 24, fontSize: 15, lineHeight: 1.2 }}
          >
            {marking.stuck
              ? 'Not kept yet: Bemble does not answer. It is sent again until it is kept.'
              : cellTold(grid, at, cell)}
          </Box>
        </Box>
        <Box sx={RIGHT_PAGE}>
          <GlancePage
            grid={grid}
            chosen={pupil?.id}
            onPupil={(row) => setAt({ row, column: at.column })}
          />
        </Box>
      </Box>
      <Box sx={BAR}>
        <Box role="group" aria-label="After an answer" sx={{ display: 'flex', gap: 0.75 }}>
          <Button aria-pressed={way === 'across'} onClick={() => setWay('across')}>
            Across
          </Button>
          <Button aria-pressed={way === 'down'} onClick={() => setWay('down')}>
            Down
          </Button>
        </Box>
        <Button disabled={!marking.canUndo} onClick={undo}>
          Undo
        </Button>
        <Box
          sx={{ flex: 1, minWidth: 0, fontSize: 14.5, lineHeight: 1.5, color: 'text.secondary' }}
        >
          <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
            <Kbd>+</Kbd> right <Kbd>b</Kbd> blank <Kbd>-</Kbd> not asked
          </Box>
        </Box>
        <Button disabled={!cell} aria-haspopup="dialog" onClick={() => setOpened(true)}>
          Open
          <Kbd>Space</Kbd>
        </Button>
        <Button aria-haspopup="dialog" onClick={() => setSending(true)}>
          Paper and more
        </Button>
        <Button onClick={() => navigate('/marking')}>Handouts</Button>
      </Box>
      {sending && (
        <Suspense fallback={null}>
          <MoreDialog grid={grid} onEntered={marking.renew} onClose={() => setSending(false)} />
        </Suspense>
      )}
      {opened && pupil && cell && (
        <Suspense fallback={null}>
          <CellDialog
            handout={id}
            grid={grid}
            pupil={pupil}
            cell={cell}
            onChanged={marking.renew}
            onClose={() => setOpened(false)}
          />
        </Suspense>
      )}
    </Box>
  );
}
