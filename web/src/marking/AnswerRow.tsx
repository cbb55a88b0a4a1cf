import Box from '@mui/material/Box';
import { memo } from 'react';
import type { Cell } from '../api/types';
import { NAME_CELL } from '../ui/nameCell';
import { isSameAnswers, keyOf, shownCell, type Ahead, type Cells, type Spot } from './entering';

const NAMES = 104;

/** The least width of a square. */
const LEAST_SQUARE = 40;

/** An answer of more signs may be too long for its square. */
const LONG = 4;

/** A row has squares of its own, so that a change in one of them moves nothing elsewhere. */
export const lineOf = (columns: number, height: number) =>
  ({
    display: 'grid',
    gridTemplateColumns: `${NAMES}px repeat(${columns}, minmax(${LEAST_SQUARE}px, 1fr))`,
    gridAutoRows: height,
    height,
    minWidth: NAMES + LEAST_SQUARE * columns,
  }) as const;

interface AnswerRowProps {
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
function isSameRow(before: AnswerRowProps, now: AnswerRowProps) {
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

/** A pupil's name and answers. */
export const AnswerRow = memo(function AnswerRow({
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
}: AnswerRowProps) {
  return (
    <Box role="row" sx={{ ...lineOf(columns, height), contain: 'strict', isolation: 'isolate' }}>
      <Box role="rowheader" sx={{ ...NAME_CELL, fontWeight: current === undefined ? 400 : 700 }}>
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
