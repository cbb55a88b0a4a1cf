import Box from '@mui/material/Box';
import { memo, useMemo, useRef } from 'react';
import type { Pupil, RegisterSquare, RungLabel } from '../api/types';
import { LETTERS_OF_NAME, NAME_CELL, NAMES } from '../ui/nameCell';
import { shortNames } from '../ui/shortNames';
import { useChosenInSight } from '../ui/useChosenInSight';
import { StandingShape } from './StandingShape';
import { STANDINGS } from './standings';
import type { Place } from './usePlace';
import { t } from '../words';

const HEAD = 148;
const ROW = 24;
const COLUMN = 31;

/** Pupils by rungs on squared paper; the arrows walk over it, the names of both included. */
export function RegisterGrid({
  pupils,
  rungs,
  squareOf,
  isWanted,
  at,
  onAt,
  onMove,
}: {
  pupils: Pupil[];
  rungs: RungLabel[];
  squareOf: (pupil: number, rung: string) => RegisterSquare | undefined;
  isWanted: (pupil: number, rung: string) => boolean;
  at: Place;
  onAt: (place: Place) => void;
  /** Moves by a key, after which others may follow quickly. */
  onMove: (place: Place) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  useChosenInSight(frame, at);
  const short = useMemo(
    () =>
      shortNames(
        pupils.map(({ name }) => name),
        LETTERS_OF_NAME,
      ),
    [pupils],
  );
  const row = pupils.findIndex(({ id }) => id === at.pupil);
  const column = rungs.findIndex(({ id }) => id === at.rung);
  const go = (toRow: number, toColumn: number) =>
    onMove({ pupil: pupils[toRow]?.id, rung: rungs[toColumn]?.id });
  const moves: Record<string, () => void> = {
    ArrowUp: () => go(Math.max(row - 1, column < 0 ? 0 : -1), column),
    ArrowDown: () => go(Math.min(row + 1, pupils.length - 1), column),
    ArrowLeft: () => go(row, Math.max(column - 1, row < 0 ? 0 : -1)),
    ArrowRight: () => go(row, Math.min(column + 1, rungs.length - 1)),
    Home: () => go(row, row < 0 ? 0 : -1),
    End: () => go(row, rungs.length - 1),
  };
  return (
    <Box
      ref={frame}
      role="grid"
      aria-label={t('common.register')}
      aria-rowcount={pupils.length + 1}
      aria-colcount={rungs.length + 1}
      aria-activedescendant={
        row < 0 && column < 0 ? undefined : placeId(pupils[row]?.id, rungs[column]?.id)
      }
      tabIndex={0}
      onClick={({ target }) => {
        const square = (target as Element).closest<HTMLElement>('[role=gridcell]');
        if (square) {
          onAt({ pupil: Number(square.dataset.pupil), rung: square.dataset.rung });
        }
      }}
      onKeyDown={(event) => {
        const move = moves[event.key];
        if (move && !event.ctrlKey && !event.altKey && !event.metaKey) {
          event.preventDefault();
          move();
        }
      }}
      sx={{
        minHeight: 0,
        maxHeight: '100%',
        alignSelf: 'start',
        justifySelf: 'start',
        maxWidth: '100%',
        overflow: 'auto',
        display: 'grid',
        gridTemplateColumns: `${NAMES}px repeat(${rungs.length}, ${COLUMN}px)`,
        gridTemplateRows: `${HEAD}px`,
        gridAutoRows: ROW,
        alignContent: 'start',
        fontSize: 'note',
        lineHeight: 1,
        ...SQUARES,
      }}
    >
      <Heads rungs={rungs} column={column} isRung={row < 0} onAt={onAt} />
      {pupils.map((pupil, place) => (
        <Row
          key={pupil.id}
          pupil={pupil}
          short={short[place] ?? pupil.name}
          rungs={rungs}
          squareOf={squareOf}
          isWanted={isWanted}
          here={row === place ? (at.rung ?? NAME) : undefined}
          onAt={onAt}
        />
      ))}
    </Box>
  );
}

/** Stands for the name of a pupil instead of a rung. */
const NAME = '';

/** The rungs, over their columns. */
const Heads = memo(function Heads({
  rungs,
  column,
  isRung,
  onAt,
}: {
  rungs: RungLabel[];
  column: number;
  /** Whether the rung itself is looked at, and not a square below it. */
  isRung: boolean;
  onAt: (place: Place) => void;
}) {
  return (
    <Box role="row" sx={{ display: 'contents' }}>
      <Box
        role="columnheader"
        aria-label={t('common.pupil')}
        sx={{
          ...STUCK,
          left: 0,
          zIndex: 3,
          borderBottom: 2,
          borderRight: 2,
          borderColor: 'ink.edge',
        }}
      />
      {rungs.map((rung, place) => (
        <Head
          key={rung.id}
          rung={rung}
          isBold={column === place}
          here={isRung && column === place}
          onAt={onAt}
        />
      ))}
    </Box>
  );
});

const Head = memo(function Head({
  rung: { id, name, fresh },
  isBold,
  here,
  onAt,
}: {
  rung: RungLabel;
  isBold: boolean;
  here: boolean;
  onAt: (place: Place) => void;
}) {
  return (
    <Box
      role="columnheader"
      id={placeId(undefined, id)}
      aria-selected={here}
      title={fresh}
      onClick={() => onAt({ rung: id })}
      sx={{
        ...STUCK,
        zIndex: 2,
        py: 0.75,
        display: 'flex',
        alignItems: 'center',
        writingMode: 'vertical-rl',
        transform: 'rotate(180deg)',
        // Turned round, the lower and right edges are the upper and left ones.
        borderTop: 2,
        borderLeft: 1,
        borderColor: 'ink.square',
        borderTopColor: 'ink.edge',
        fontSize: 'note',
        lineHeight: 1.05,
        fontWeight: isBold ? 700 : 400,
        cursor: 'pointer',
        ...(here && HERE),
      }}
    >
      {name}
    </Box>
  );
});

/** A pupil's standings. */
const Row = memo(function Row({
  pupil: { id, name, left },
  short,
  rungs,
  squareOf,
  isWanted,
  here,
  onAt,
}: {
  pupil: Pupil;
  short: string;
  rungs: RungLabel[];
  squareOf: (pupil: number, rung: string) => RegisterSquare | undefined;
  isWanted: (pupil: number, rung: string) => boolean;
  /** The rung at which the cursor is in this row, if it is there. */
  here: string | undefined;
  onAt: (place: Place) => void;
}) {
  return (
    <Box role="row" sx={{ display: 'contents' }}>
      <Box
        role="rowheader"
        id={placeId(id, undefined)}
        aria-label={name}
        title={name}
        aria-selected={here === NAME}
        onClick={() => onAt({ pupil: id })}
        sx={{
          ...NAME_CELL,
          borderRightColor: 'ink.edge',
          cursor: 'pointer',
          color: left ? 'text.secondary' : 'text.primary',
          fontWeight: here !== undefined ? 700 : 400,
          ...(here === NAME && HERE),
        }}
      >
        {short}
      </Box>
      {rungs.map((rung) => (
        <Square
          key={rung.id}
          pupil={id}
          rung={rung}
          square={squareOf(id, rung.id)}
          faded={!isWanted(id, rung.id)}
          here={here === rung.id}
        />
      ))}
    </Box>
  );
});

const placeId = (pupil?: number, rung?: string) => `place-${pupil ?? ''}-${rung ?? ''}`;

const STUCK = {
  position: 'sticky',
  top: 0,
  bgcolor: 'background.paper',
} as const;

const HERE = {
  outline: '2px solid',
  outlineOffset: '-2px',
  outlineColor: 'ink.nowEdge',
  bgcolor: 'ink.now',
} as const;

/** Of all squares at once: there are too many for a style of their own each. */
const SQUARES = {
  '& [role=gridcell]': {
    position: 'relative',
    display: 'grid',
    placeContent: 'center',
    pl: 0.5,
    cursor: 'pointer',
    borderRight: 1,
    borderBottom: 1,
    borderColor: 'ink.square',
  },
  '& [role=gridcell][aria-selected=true]': HERE,
  '& .faded svg': { opacity: 0.25 },
  '& [role=gridcell] span': { position: 'absolute', right: 2, bottom: -2, fontSize: 'note' },
} as const;

const Square = memo(function Square({
  pupil,
  rung,
  square,
  faded,
  here,
}: {
  pupil: number;
  rung: RungLabel;
  square: RegisterSquare | undefined;
  faded: boolean;
  here: boolean;
}) {
  const standing = square?.standing ?? 'NEW';
  return (
    <div
      role="gridcell"
      id={placeId(pupil, rung.id)}
      className={faded ? 'faded' : undefined}
      aria-selected={here}
      aria-label={square ? `${STANDINGS[standing]}. ${square.why}` : STANDINGS[standing]}
      title={
        square
          ? t('register.square-told', {
              rung: rung.name,
              standing: STANDINGS[standing],
              why: square.why,
            })
          : undefined
      }
      data-standing={standing}
      data-pupil={pupil}
      data-rung={rung.id}
    >
      {standing !== 'NEW' && (
        <StandingShape standing={standing} slip={square?.slip !== undefined} />
      )}
      {square?.byRules && <span>*</span>}
    </div>
  );
});
