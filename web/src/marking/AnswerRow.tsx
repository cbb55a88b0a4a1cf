import Box from '@mui/material/Box';
import { memo } from 'react';
import type { Cell } from '../api/types';
import { NAME_CELL, NAMES } from '../ui/nameCell';
import {
  NO_NUMBER,
  isSameAnswers,
  keyOf,
  shownCell,
  type Ahead,
  type Cells,
  type Spot,
} from './entering';
import { t } from '../words';

/** The least width of a square, and the most that it is given for a long answer. */
const LEAST_SQUARE = 40;
const MOST_SQUARE = 120;

/** How wide a figure is, by the size of its letters. */
const FIGURE = 0.62;

/** The room of a square beside its figures. */
const BESIDE = 6;

/** How wide the squares of a sum are at least: as wide as its right answer. */
export const widthFor = (right: string, letters: number) =>
  Math.min(
    MOST_SQUARE,
    Math.max(LEAST_SQUARE, Math.ceil(right.length * FIGURE * letters) + BESIDE),
  );

/** The size of letters in rows of a height. */
export const lettersAt = (height: number) => (height < 26 ? 14 : 16);

/** A row has squares of its own, so that a change in one of them moves nothing elsewhere. */
export const lineOf = (widths: number[], height: number) =>
  ({
    display: 'grid',
    gridTemplateColumns: [`${NAMES}px`, ...widths.map((width) => `minmax(${width}px, 1fr)`)].join(
      ' ',
    ),
    gridAutoRows: height,
    height,
    minWidth: widths.reduce((all, width) => all + width, NAMES),
  }) as const;

interface AnswerRowProps {
  pupil: number;
  name: string;
  /** The name as it has room. */
  short: string;
  row: number;
  /** The least widths of the squares, a sum each. */
  widths: number[];
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
function isSameRow(before: AnswerRowProps, now: AnswerRowProps) {
  return (
    before.pupil === now.pupil &&
    before.name === now.name &&
    before.short === now.short &&
    before.row === now.row &&
    before.widths === now.widths &&
    before.height === now.height &&
    before.column === now.column &&
    before.typed === now.typed &&
    isSameAnswers(now.pupil, now.widths.length, before, now)
  );
}

/** A pupil's name and answers. */
export const AnswerRow = memo(function AnswerRow({
  pupil,
  name,
  short,
  row,
  widths,
  height,
  cells,
  ahead,
  column: current,
  typed,
  onAt,
  onOpen,
}: AnswerRowProps) {
  return (
    <Box role="row" sx={{ ...lineOf(widths, height), contain: 'strict', isolation: 'isolate' }}>
      <Box
        role="rowheader"
        aria-label={name}
        title={name}
        sx={{ ...NAME_CELL, fontWeight: current === undefined ? 400 : 700 }}
      >
        {short}
      </Box>
      {widths.map((width, column) => {
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
            room={Math.floor((width - BESIDE) / FIGURE / lettersAt(height))}
            onAt={onAt}
            onOpen={onOpen}
          />
        );
      })}
    </Box>
  );
}, isSameRow);

const LOOKS = {
  RIGHT: { color: 'success.main', fontWeight: 400 },
  WRONG: { color: 'error.main', fontWeight: 700, textDecoration: 'underline' },
  BLANK: { color: 'text.secondary', fontWeight: 400 },
  ABSENT: { color: 'text.secondary', fontWeight: 400 },
  LEFT_OUT: { color: 'text.secondary', fontWeight: 400 },
} as const;

const SIGNS = { RIGHT: '✓', WRONG: undefined, BLANK: '○', ABSENT: 'a', LEFT_OUT: '–' } as const;

/** The sign for a wrong answer that is no number. */
const CROSS = '✗';

const WORDS = {
  RIGHT: t('common.right'),
  WRONG: t('common.wrong'),
  BLANK: t('common.blank'),
  ABSENT: t('marking.absent'),
  LEFT_OUT: t('marking.not-asked'),
} as const;

const isNumber = ({ given }: Cell) => given !== NO_NUMBER;

/** An answer in the words of those who hear the grid. */
const inWords = (cell: Cell) =>
  `${WORDS[cell.outcome]} ${cell.outcome === 'WRONG' && isNumber(cell) ? cell.given : ''}`;

/** The end of a number that is being typed. */
const TAIL = { overflow: 'hidden', placeContent: 'center end' } as const;

/** As much of a number as there is room for; the line below the grid has it whole. */
const CUT = {
  display: 'block',
  alignContent: 'center',
  textAlign: 'center',
  overflow: 'hidden',
  textOverflow: 'ellipsis',
} as const;

/** A square's sign: a tick, the wrong answer, a ring for a blank, a bar for not asked. */
const Square = memo(function Square({
  id,
  row,
  column,
  cell,
  pending,
  typed,
  here,
  room,
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
  /** How many figures have room in it for certain. */
  room: number;
  onAt: (spot: Spot) => void;
  onOpen: () => void;
}) {
  const shown = typed || pending;
  const isEmpty = shown === '' || (shown === undefined && !cell);
  const known = cell && cell.slips.length > 0;
  return (
    <Box
      role="gridcell"
      id={id}
      aria-selected={here}
      aria-label={isEmpty ? t('marking.empty') : (shown ?? (cell && inWords(cell)))}
      tabIndex={-1}
      data-outcome={shown === undefined ? cell?.outcome : undefined}
      onClick={() => onAt({ row, column })}
      onDoubleClick={onOpen}
      sx={{
        display: 'grid',
        placeContent: 'center',
        whiteSpace: 'nowrap',
        ...((shown ?? cell?.given ?? '').length > room && (typed ? TAIL : CUT)),
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
        ...(shown === undefined && cell ? LOOKS[cell.outcome] : {}),
        // A slip that has no name has a dotted line below.
        ...(shown === undefined && cell?.outcome === 'WRONG' && !known
          ? { textDecorationStyle: 'dotted' }
          : {}),
      }}
    >
      {shown ?? (cell && (SIGNS[cell.outcome] ?? (isNumber(cell) ? cell.given : CROSS)))}
      {shown === undefined && cell?.overruled && '*'}
    </Box>
  );
});
