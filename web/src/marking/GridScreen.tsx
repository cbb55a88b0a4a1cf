import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCurrentClass } from '../session/classes';
import { Coming } from '../ui/Coming';
import { BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { deferred } from '../ui/deferred';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { useStable } from '../ui/useStable';
import { useTouchKeys } from '../ui/useTouchKeys';
import { AnswerGrid } from './AnswerGrid';
import { noRoom, placed } from './changes';
import { cellTold, keyOf, shownCell, type Spot, type Way } from './entering';
import { GridBar } from './GridBar';
import { GlancePage } from './GlancePage';
import { dayTold, KINDS } from './told';
import { Heard } from './Heard';
import { useBooks } from './useBooks';
import { useGrid } from './useGrid';
import { useReading } from './useReading';
import { t } from '../words';

const MoreDialog = deferred(() => import('./MoreDialog'));
const CellDialog = deferred(() => import('./CellDialog'));

/** The answers to a handout, and beside them the class at a glance. */
export function GridScreen({ id }: { id: number }) {
  const marking = useGrid(id);
  const { cells } = marking;
  const { grid, asTheyLie, setAsTheyLie, bring } = useBooks(id, marking.grid, marking);
  const room = useCurrentClass();
  const [at, setAt] = useState<Spot>({ row: 0, column: 0 });
  const [way, setWay] = useDraft('marking way', 'across');
  const [keys, setKeys] = useTouchKeys();
  const [opened, setOpened] = useState(false);
  const [sending, setSending] = useState(false);
  const undo = useStable(() => {
    const change = marking.undo();
    const row = grid?.pupils.findIndex((each) => each.id === change?.pupil) ?? -1;
    if (change && row >= 0) {
      setAt({ row, column: change.number });
    }
  });
  const turnTo = useStable(setWay);
  const layAs = (books: boolean) => {
    setAsTheyLie(books);
    setAt({ row: 0, column: 0 });
  };
  const open = useStable(() => setOpened(true));
  const more = useStable(() => setSending(true));
  const read = useReading(id, marking.took);
  const notice = useNotice();
  if (!grid) {
    return <Coming trouble={marking.trouble} />;
  }
  const paste = (block: string[][]) => {
    const entries = placed(grid, at, block);
    if (entries) {
      marking.enter(entries);
    } else {
      notice({ text: noRoom(grid, at, block) });
    }
  };
  const pupil = grid.pupils[at.row];
  const key = pupil ? keyOf(pupil.id, at.column) : '';
  const cell = shownCell(marking, key);
  const here = marking.stuck ? t('marking.not-kept-yet-bemble-does') : cellTold(grid, at, cell);
  return (
    <Box component="main" sx={SCREEN}>
      <Box sx={{ ...BOOK, ...ANSWERS_FIRST, gridTemplateColumns: PAGES }}>
        <Box
          sx={{
            minHeight: 0,
            minWidth: 0,
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 1fr)',
            gridTemplateRows: 'auto minmax(0, 1fr)',
            gridAutoRows: 'auto',
            px: { xs: 1, md: 2 },
            py: 0.75,
          }}
        >
          <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2 }}>
            <Box component="h2" sx={{ m: 0, fontSize: 'said' }}>
              {grid.title}
            </Box>
            <Box sx={{ fontSize: 'note', color: 'text.secondary' }}>
              {[KINDS[grid.kind], dayTold(grid.givenOn)].join(' · ')}
            </Box>
            {grid.setChanged && (
              <Box role="note" sx={{ fontSize: 'note' }}>
                {t('marking.the-set-has-other-sums')}
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
            onName={(row) => setAt({ row: bring(row), column: way === 'down' ? at.column : 0 })}
            decimal={room?.style.decimalMark === 'COMMA' ? ',' : '.'}
            keys={keys}
            onUndo={undo}
            onOpen={() => cell && setOpened(true)}
            onBlock={paste}
            onTable={(text) => {
              read.mutate(() => Promise.resolve(text));
              setSending(true);
            }}
          />
          <Box sx={{ pt: 0.5, display: 'flex', alignItems: 'start', gap: 1 }}>
            <Box
              data-testid="square"
              sx={{ flex: 1, minHeight: 24, fontSize: 'note', lineHeight: 1.2 }}
            >
              {here}
              <Heard here={here} place={key} cell={cell} answers={marking} />
            </Box>
            <Button component={Link} to={`/marking/${id}/sheets`} size="small" sx={SMALL}>
              {t('marking.sheets-in')}
            </Button>
            <Button
              size="small"
              aria-pressed={asTheyLie}
              title={t('marking.rows-as-books-lie')}
              onClick={() => layAs(!asTheyLie)}
              sx={SMALL}
            >
              {t('marking.as-the-books-lie')}
            </Button>
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
      <GridBar
        way={way}
        canUndo={marking.canUndo}
        canOpen={cell !== undefined}
        keys={keys}
        onKeys={setKeys}
        onWay={turnTo}
        onUndo={undo}
        onOpen={open}
        onMore={more}
      />
      {sending && (
        <MoreDialog
          grid={grid}
          read={read}
          onTaken={marking.took}
          onClose={() => {
            setSending(false);
            read.reset();
          }}
        />
      )}
      {/* A square is opened as soon as it is kept. */}
      {opened && pupil && cell && !marking.ahead.has(key) && (
        <CellDialog
          handout={id}
          grid={grid}
          pupil={pupil}
          cell={cell}
          onDecided={marking.decided}
          onClose={() => setOpened(false)}
        />
      )}
    </Box>
  );
}

/** A button in a line of text. */
const SMALL = { minHeight: 24, py: 0, flexShrink: 0 };

/** Where the pages stand below one another, the answers need all the room; the glance is scrolled to. */
const ANSWERS_FIRST = {
  overflow: { xs: 'auto', md: 'hidden' },
  gridTemplateRows: { xs: 'calc(100% - 60px) max-content', md: 'minmax(0, 1fr)' },
};
