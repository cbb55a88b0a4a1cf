import Box from '@mui/material/Box';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import type { Grid } from '../api/types';
import { blockOf } from './changes';
import { GridKeys } from './GridKeys';
import { AnswerRow, lettersAt, lineOf, widthFor } from './AnswerRow';
import { LETTERS_OF_NAME, NAME_CELL } from '../ui/nameCell';
import { shortNames } from '../ui/shortNames';
import { useChosenInSight } from '../ui/useChosenInSight';
import { useStable } from '../ui/useStable';
import {
  absentFrom,
  isTyped,
  keyOf,
  moved,
  nextBook,
  nextSpot,
  wholeAnswer,
  type Ahead,
  type Cells,
  type Entry,
  type Spot,
  type Way,
} from './entering';
import { isLetter, sought, type Seeking } from './seeking';
import { t } from '../words';

/** The most signs of an answer that is pasted. */
const LONGEST = 80;

/** The height of all rows together that is aimed at, and the least and the most of one. */
const ALL_ROWS = 550;
const LEAST_ROW = 18;
const MOST_ROW = 34;

/** The rows in sight at the least, the numbers of the sums among them. */
const ROWS_SEEN = 6;

/** Pupils by sums on squared paper; the keys write in the square of the cursor. */
export function AnswerGrid({
  grid,
  cells,
  ahead,
  at,
  onAt,
  way,
  onEnter,
  onName,
  decimal,
  keys,
  onUndo,
  onOpen,
  onBlock,
  onTable,
}: {
  grid: Grid;
  cells: Cells;
  /** The answers that are typed and not kept yet, by their squares. */
  ahead: ReadonlyMap<string, Ahead>;
  at: Spot;
  onAt: (spot: Spot) => void;
  way: Way;
  onEnter: (entries: Entry[]) => void;
  /** A row is looked for by its name. */
  onName: (row: number) => void;
  /** The class's mark before tenths: the key of a number pad for it is one or the other. */
  decimal: string;
  /** Whether keys to be touched are shown. */
  keys: boolean;
  onUndo: () => void;
  onOpen: () => void;
  /** Answers that were copied elsewhere are pasted, rows of them. */
  onBlock: (block: string[][]) => void;
  /** A table with names is pasted. */
  onTable: (text: string) => void;
}) {
  const rows = grid.pupils.length;
  const columns = grid.sums.length;
  const [typed, setTyped] = useState('');
  const frame = useRef<HTMLDivElement>(null);
  const pupil = grid.pupils[at.row];
  const sum = grid.sums[at.column];

  useChosenInSight(frame, at);
  useEffect(() => frame.current?.focus(), []);

  /** Enters the answer that is typed so far as soon as its square is left. */
  const leave = () => {
    if (typed !== '' && pupil) {
      onEnter([{ pupil: pupil.id, number: at.column, to: typed }]);
    }
    setTyped('');
  };
  // A square is drawn again only after a change in it.
  const go = useStable((to: Spot) => {
    leave();
    onAt(to);
  });
  const open = useStable(onOpen);
  const enter = (to: string | undefined) => {
    if (pupil) {
      onEnter([{ pupil: pupil.id, number: at.column, to }]);
    }
    setTyped('');
    onAt(nextSpot(at, way, rows, columns));
  };
  const press = (key: string): boolean => {
    const whole = typed === '' ? wholeAnswer(key, sum?.right ?? '') : undefined;
    const to = moved(at, key, rows, columns);
    if (whole !== undefined) {
      enter(whole);
    } else if (typed === '' && key.toLowerCase() === 'a' && pupil) {
      onEnter(absentFrom({ cells, ahead }, pupil.id, columns, at.column));
      onAt(nextBook(at, way, rows));
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
      onEnter([{ pupil: pupil.id, number: at.column }]);
    } else if (key === ' ') {
      onOpen();
    } else if (to) {
      go(to);
    } else {
      return false;
    }
    return true;
  };
  const seeking = useRef<Seeking>(undefined);
  /** Whether a letter is one of a name, and not a mark: with Shift, or where no mark has it. */
  const seeks = (key: string, withShift: boolean, time: number): boolean => {
    if (typed !== '' || !isLetter(key)) {
      seeking.current = undefined;
      return false;
    }
    const names = grid.pupils.map(({ name }) => name);
    const isMark = !withShift && /^[abx]$/i.test(key);
    const goesOn = sought(names, at.row, seeking.current, key, time);
    const found =
      goesOn && (!isMark || goesOn.seeking.letters.length > 1)
        ? goesOn
        : isMark
          ? undefined
          : sought(names, at.row, undefined, key, time);
    seeking.current = found?.seeking;
    if (found) {
      onName(found.row);
    }
    return found !== undefined || !isMark;
  };
  const touch = useStable((key: string) => void press(key));
  const high = Math.min(MOST_ROW, Math.max(LEAST_ROW, Math.floor(ALL_ROWS / (rows + 1))));
  const letters = lettersAt(high);
  const widths = useMemo(
    () => grid.sums.map(({ right }) => widthFor(right, letters)),
    [grid.sums, letters],
  );
  const line = lineOf(widths, high);
  const short = useMemo(
    () =>
      shortNames(
        grid.pupils.map(({ name }) => name),
        LETTERS_OF_NAME,
      ),
    [grid.pupils],
  );
  return (
    <>
      <Box
        ref={frame}
        role="grid"
        aria-label={t('marking.answers-to', { title: grid.title })}
        aria-rowcount={rows}
        aria-colcount={columns}
        aria-activedescendant={pupil && `cell ${keyOf(pupil.id, at.column)}`}
        tabIndex={0}
        onBlur={leave}
        onPaste={(event) => {
          const text = event.clipboardData.getData('text').replace(/[\r\n]+$/, '');
          const block = blockOf(text);
          event.preventDefault();
          if (block) {
            leave();
            onBlock(block);
          } else if (/[\n\t;]/.test(text)) {
            onTable(text);
          } else {
            setTyped(text.trim().slice(0, LONGEST));
          }
        }}
        onKeyDown={(event) => {
          if (event.ctrlKey && event.key === 'z') {
            event.preventDefault();
            onUndo();
          } else if (!event.ctrlKey && !event.altKey && !event.metaKey) {
            const key = event.code === 'NumpadDecimal' ? decimal : event.key;
            if (seeks(key, event.shiftKey, event.timeStamp) || press(key)) {
              event.preventDefault();
            }
          }
        }}
        sx={{
          // However little room there is, some rows are seen at once.
          minHeight: Math.min(rows + 1, ROWS_SEEN) * high + 8,
          // Room for the ring of the focus.
          my: 0.5,
          maxHeight: 'calc(100% - 8px)',
          alignSelf: 'start',
          overflow: 'auto',
          fontSize: letters,
          lineHeight: 1,
          // Inside it would lie below the rows.
          '&[tabindex]:focus-visible': { outlineOffset: '1px !important' },
        }}
      >
        <Box role="row" sx={{ ...line, ...HEADS }}>
          <Box
            role="columnheader"
            aria-label={t('common.pupil')}
            sx={{ ...HEAD, ...NAME_CELL, borderRightColor: 'ink.square', zIndex: 3 }}
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
          <AnswerRow
            key={id}
            pupil={id}
            name={name}
            short={short[row] ?? name}
            row={row}
            widths={widths}
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

const HEADS = { position: 'sticky', top: 0, zIndex: 2 } as const;

const HEAD = {
  display: 'grid',
  placeContent: 'center',
  bgcolor: 'background.paper',
  borderBottom: 2,
  borderColor: 'ink.edge',
} as const;
