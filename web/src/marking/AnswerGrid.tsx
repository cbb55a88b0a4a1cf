import Box from '@mui/material/Box';
import { memo, useEffect, useRef, useState } from 'react';
import type { Cell, Grid } from '../api/types';
import { GridKeys } from './GridKeys';
import { useChosenInSight } from '../ui/useChosenInSight';
import { useStable } from '../ui/useStable';
import {
  isSameAnswers,
  isTyped,
  keyOf,
  moved,
  nextSpot,
  shownCell,
  wholeAnswer,
  type Ahead,
  type Cells,
  type Spot,
  type Way,
} from './entering';

const NAMES = 104;

/** The least width of a square. */
const LEAST_SQUARE = 40;

/** An answer of more signs may be too long for its square. */
const LONG = 4;

/** The height of all rows together that is aimed at, and the least and the most of one. */
const ALL_ROWS = 550;
const LEAST_ROW = 18;
const MOST_ROW = 34;

/** Pupils by sums on squared paper; the keys write in the square of the cursor. */
export function AnswerGrid({
  grid,
  cells,
  ahead,
  at,
  onAt,
  way,
  onEnter,
  keys,
  onUndo,
  onOpen,
}: {
  grid: Grid;
  cells: Cells;
  /** What is typed and not kept yet, by its square. */
  ahead: ReadonlyMap<string, Ahead>;
  at: Spot;
  onAt: (spot: Spot) => void;
  way: Way;
  /** `undefined` takes an answer away. */
  onEnter: (pupil: number, number: number, to: string | undefined) => void;
  /** Whether keys to be touched are shown. */
  keys: boolean;
  onUndo: () => void;
  onOpen: () => void;
}) {
  const rows = grid.pupils.length;
  const columns = grid.sums.length;
  const [typed, setTyped] = useState('');
  const frame = useRef<HTMLDivElement>(null);
  const pupil = grid.pupils[at.row];
  const sum = grid.sums[at.column];

  useChosenInSight(frame, at);
  useEffect(() => frame.current?.focus(), []);

  /** What is typed so far is an answer as soon as its square is left. */
  const leave = () => {
    if (typed !== '' && pupil) {
      onEnter(pupil.id, at.column, typed);
    }
    setTyped('');
  };
  // A square is drawn again only when something in it has changed.
  const go = useStable((to: Spot) => {
    leave();
    onAt(to);
  });
  const open = useStable(onOpen);
  const enter = (to: string | undefined) => {
    if (pupil) {
      onEnter(pupil.id, at.column, to);
    }
    setTyped('');
    onAt(nextSpot(at, way, rows, columns));
  };
  const press = (key: string): boolean => {
    const whole = typed === '' ? wholeAnswer(key, sum?.right ?? '') : undefined;
    const to = moved(at, key, rows, columns);
    if (whole !== undefined) {
      enter(whole);
    } else if (isTyped(key, typed)) {
      setTyped(typed + key);
    } else if (key === 'Backspace' && typed !== '') {
      setTyped(typed.slice(0, -1));
    } else if (key === 'Escape' && typed !== '') {
      setTyped('');
    } else if (key === 'Enter' && typed !== '') {
      enter(typed);
    } else if (key === 'Enter') {
      go(nextSpot(at, way, rows, columns));
    } else if ((key === 'Delete' || key === 'Backspace') && pupil) {
      onEnter(pupil.id, at.column, undefined);
    } else if (key === ' ') {
      onOpen();
    } else if (to) {
      go(to);
    } else {
      return false;
    }
    return true;
  };
  const touch = useStable((key: string) => void press(key));
  const high = Math.min(MOST_ROW, Math.max(LEAST_ROW, Math.floor(ALL_ROWS / (rows + 1))));
  const line = lineOf(columns, high);
  return (
    <>
      <Box
        ref={frame}
        role="grid"
        aria-label={`Answers to ${grid.title}`}
        aria-rowcount={rows}
        aria-colcount={columns}
        aria-activedescendant={pupil && `cell ${keyOf(pupil.id, at.column)}`}
        tabIndex={0}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.ctrlKey && event.key === 'z') {
            event.preventDefault();
            onUndo();
          } else if (!event.ctrlKey && !event.altKey && !event.metaKey && press(event.key)) {
            event.preventDefault();
          }
        }}
        sx={{
          minHeight: 0,
          // Room for the ring of the focus.
          my: 0.5,
          maxHeight: 'calc(100% - 8px)',
          alignSelf: 'start',
          overflow: 'auto',
          fontSize: high < 26 ? 14 : 16,
          lineHeight: 1,
          // Inside it would lie below the rows.
          '&[tabindex]:focus-visible': { outlineOffset: '1px !important' },
        }}
      >
        <Box role="row" sx={{ ...line, ...HEADS }}>
          <Box
            role="columnheader"
            aria-label="Pupil"
            sx={{ ...HEAD, ...NAME, borderRightColor: 'ink.square', zIndex: 3 }}
          />
          {grid.sums.map(({ problem, answer }, column) => (
            <Head
              key={problem}
              problem={problem}
              answer={answer}
              number={column + 1}
              here={column === at.column}
            />
          ))}
        </Box>
        {grid.pupils.map(({ id, name }, row) => (
          <Row
            key={id}
            pupil={id}
            name={name}
            row={row}
            columns={columns}
            height={high}
            cells={cells}
            ahead={ahead}
            column={row === at.row ? at.column : undefined}
            typed={row === at.row ? typed : ''}
            onAt={go}
            onOpen={open}
          />
        ))}
      </Box>
      {keys && <GridKeys onKey={touch} />}
    </>
  );
}

/** The number of a sum above its answers. */
const Head = memo(function Head({
  problem,
  answer,
  number,
  here,
}: {
  problem: string;
  answer: string;
  number: number;
  here: boolean;
}) {
  return (
    <Box
      role="columnheader"
      title={`${problem} = ${answer}`}
      aria-label={`${number}. ${problem}`}
      sx={{ ...HEAD, fontWeight: here ? 700 : 400 }}
    >
      {number}
    </Box>
  );
});

/** A row has squares of its own, so that a change in one of them moves nothing elsewhere. */
const lineOf = (columns: number, height: number) =>
  ({
    display: 'grid',
    gridTemplateColumns: `${NAMES}px repeat(${columns}, minmax(${LEAST_SQUARE}px, 1fr))`,
    gridAutoRows: height,
    height,
    minWidth: NAMES + LEAST_SQUARE * columns,
  }) as const;

interface RowProps {
  pupil: number;
  name: string;
  row: number;
  columns: number;
  height: number;
  cells: Cells;
  ahead: ReadonlyMap<string, Ahead>;
  /** Where the cursor is, if it is in this row. */
  column: number | undefined;
  typed: string;
  onAt: (spot: Spot) => void;
  onOpen: () => void;
}

/** Whether a row looks as it did before. */
function isSameRow(before: RowProps, now: RowProps) {
  return (
    before.pupil === now.pupil &&
    before.name === now.name &&
    before.row === now.row &&
    before.columns === now.columns &&
    before.height === now.height &&
    before.column === now.column &&
    before.typed === now.typed &&
    isSameAnswers(now.pupil, now.columns, before, now)
  );
}

const Row = memo(function Row({
  pupil,
  name,
  row,
  columns,
  height,
  cells,
  ahead,
  column: current,
  typed,
  onAt,
  onOpen,
}: RowProps) {
  return (
    <Box role="row" sx={{ ...lineOf(columns, height), contain: 'strict', isolation: 'isolate' }}>
      <Box role="rowheader" sx={{ ...NAME, fontWeight: current === undefined ? 400 : 700 }}>
        {name}
      </Box>
      {Array.from({ length: columns }, (_, column) => {
        const key = keyOf(pupil, column);
        const here = column === current;
        const cell = shownCell({ cells, ahead }, key);
        return (
          <Square
            key={key}
            id={`cell ${key}`}
            row={row}
            column={column}
            cell={cell}
            pending={!cell && ahead.has(key) ? (ahead.get(key)?.given ?? '') : undefined}
            typed={here ? typed : ''}
            here={here}
            onAt={onAt}
            onOpen={onOpen}
          />
        );
      })}
    </Box>
  );
}, isSameRow);

const HEADS = { position: 'sticky', top: 0, zIndex: 2 } as const;

const HEAD = {
  display: 'grid',
  placeContent: 'center',
  bgcolor: 'background.paper',
  borderBottom: 2,
  borderColor: 'ink.edge',
} as const;

const NAME = {
  position: 'sticky',
  left: 0,
  zIndex: 1,
  px: 0.75,
  bgcolor: 'background.paper',
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: 'nowrap',
  alignContent: 'center',
  borderRight: 2,
  borderBottom: 1,
  borderColor: 'ink.square',
} as const;

const LOOKS = {
  RIGHT: { color: 'success.main', fontWeight: 400 },
  WRONG: { color: 'error.main', fontWeight: 700, textDecoration: 'underline' },
  BLANK: { color: 'text.secondary', fontWeight: 400 },
  LEFT_OUT: { color: 'text.secondary', fontWeight: 400 },
} as const;

const SIGNS = { RIGHT: '✓', WRONG: undefined, BLANK: '○', LEFT_OUT: '–' } as const;

const WORDS = { RIGHT: 'right', WRONG: 'wrong', BLANK: 'blank', LEFT_OUT: 'not asked' } as const;

/** What stands in a square: a tick, the wrong answer, a ring for a blank, a bar for not asked. */
const Square = memo(function Square({
  id,
  row,
  column,
  cell,
  pending,
  typed,
  here,
  onAt,
  onOpen,
}: {
  id: string;
  row: number;
  column: number;
  cell: Cell | undefined;
  pending: string | undefined;
  typed: string;
  here: boolean;
  onAt: (spot: Spot) => void;
  onOpen: () => void;
}) {
  const shown = typed || pending;
  const known = cell && cell.slips.length > 0;
  return (
    <Box
      role="gridcell"
      id={id}
      aria-selected={here}
      aria-label={
        shown ?? (cell ? `${WORDS[cell.mark]} ${cell.mark === 'WRONG' ? cell.given : ''}` : 'empty')
      }
      tabIndex={-1}
      data-mark={shown === undefined ? cell?.mark : undefined}
      onClick={() => onAt({ row, column })}
      onDoubleClick={onOpen}
      sx={{
        display: 'grid',
        placeContent: 'center',
        whiteSpace: 'nowrap',
        ...((shown ?? cell?.given ?? '').length > LONG && { overflow: 'hidden' }),
        cursor: 'cell',
        borderRight: 1,
        borderBottom: 1,
        borderColor: 'ink.square',
        ...(here && {
          outline: '2px solid',
          outlineOffset: '-2px',
          outlineColor: (theme) => theme.palette.ink.nowEdge,
          bgcolor: 'ink.now',
        }),
        ...(shown === undefined && cell ? LOOKS[cell.mark] : {}),
        // A slip that has no name has a dotted line below.
        ...(shown === undefined && cell?.mark === 'WRONG' && !known
          ? { textDecorationStyle: 'dotted' }
          : {}),
      }}
    >
      {shown ?? (cell && (SIGNS[cell.mark] ?? cell.given))}
      {shown === undefined && cell?.overruled && '*'}
    </Box>
  );
});
