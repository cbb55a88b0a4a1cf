import Box from '@mui/material/Box';
import { useLayoutEffect, useState } from 'react';
import { useParams } from 'react-router';
import type { Hint, Square } from '../api/types';
import { left, same, SIDE, top } from '../paper/geometry';
import { SquaredPage } from '../paper/SquaredPage';
import { asPaper } from '../paper/writing';
import { BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { EndedPage } from './EndedPage';
import { HandInDialog } from './HandInDialog';
import { cursorAt, marksAfter, nextCursor, type Cursor } from './strokes';
import { SlateBar } from './SlateBar';
import { useAttempt } from './useAttempt';
import { VerdictMarks } from './VerdictMarks';
import { WritingPage } from './WritingPage';

/** One attempt: an empty sheet to work on, and beside it what the judge says. */
export default function SlateScreen() {
  const { id } = useParams();
  return <OpenSlate key={id} id={Number(id)} />;
}

function OpenSlate({ id }: { id: number }) {
  const slate = useAttempt(id);
  const { attempt, marks, report, strokes } = slate;
  const [moved, setCursor] = useState<Cursor | null>(null);
  const [aids, setAids] = useState(true);
  const [hint, setHint] = useState<Hint | null>(null);
  const [handingIn, setHandingIn] = useState(false);
  /** How many strokes a replay has come to; null while none is running. */
  const [played, setPlayed] = useState<number | null>(null);
  const path = attempt?.path ?? [];
  const cursor = moved ?? { at: path[0]?.at ?? { row: 1, column: 1 }, step: 0 };
  const { at } = cursor;
  const go = (to: Square) => setCursor(cursorAt(path, to, marks));
  const ended = attempt?.handedInAt !== undefined;

  const write = (digit: string, small: boolean) => {
    if (!attempt || ended) {
      return;
    }
    setHint(null);
    if (digit === '.' || digit === ',') {
      // It belongs behind the figure that was written last, wherever the cursor has gone since.
      const last = marks.findLast((mark) => mark.kind === 'figure')?.at ?? at;
      slate.write(last, { kind: 'POINT', text: '.' });
      return;
    }
    const meant = path[cursor.step];
    const there = (kind: 'small' | 'number') =>
      marks.find((mark) => mark.kind === kind && same(mark.at, at))?.text ?? '';
    const isDigit = /\d/.test(digit);
    if (isDigit && meant?.kind === 'CELL' && !small) {
      slate.write(at, { kind: 'CELL', text: there('number') + digit });
      return;
    }
    const aid = isDigit && (small || (aids && meant?.kind === 'SMALL'));
    const standing = aid ? there('small') : '';
    const figures = meant?.kind === 'SMALL' ? meant.figures : Infinity;
    const text = standing.length < figures ? standing + digit : digit;
    slate.write(at, { kind: aid ? 'SMALL' : 'FIGURE', text });
    if (!small && (!aid || text.length >= figures)) {
      const kind = aid ? ('small' as const) : ('figure' as const);
      setCursor(nextCursor(path, cursor, [...marks, { kind, at, text }], aids));
    }
  };
  const act = (key: string): boolean => {
    if (!attempt || ended) {
      return false;
    }
    const move = MOVES[key];
    if (move) {
      go({ row: Math.max(0, at.row + move.row), column: Math.max(0, at.column + move.column) });
    } else if (key === 'Enter') {
      setCursor(nextCursor(path, cursor, marks, aids));
    } else if (key === '/') {
      slate.write(at, { kind: 'STRIKE', text: '' });
    } else if (key === '_') {
      slate.write(at, { kind: 'LINE', text: '' });
    } else if (key === 'Backspace' || key === 'Delete') {
      slate.write(at, { kind: 'RUB', text: '' });
    } else {
      return false;
    }
    setHint(null);
    return true;
  };
  const turn = (which: 'undo' | 'redo') => {
    const to = slate[which]();
    if (to) {
      go(to);
    }
  };
  useSlateKeys({ write, act, turn, handIn: () => !ended && setHandingIn(true) });

  if (slate.trouble || !attempt) {
    return (
      <Box component="main" role="alert" sx={{ p: 4, fontSize: 20 }}>
        {slate.trouble?.message}
      </Box>
    );
  }
  const playing = played !== null;
  const shown = playing ? marksAfter(strokes.slice(0, played)) : marks;
  const extent = attempt.paper.extent;
  return (
    <Box component="main" sx={SCREEN}>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES }}>
        <SquaredPage
          label="Slate"
          layers={[
            { paper: attempt.paper, step: Infinity, boxless: true },
            { paper: asPaper(shown, extent, attempt.paper), step: 0 },
          ]}
          onSquare={ended ? undefined : go}
          sightOf={ended ? undefined : at}
          overlay={
            <>
              {hint?.squares.map((square) => (
                <SquareFrame
                  key={`${square.row} ${square.column}`}
                  at={square}
                  className="hinted"
                />
              ))}
              {hint && hint.shown.length > 0 && <Shown hint={hint} />}
              {!ended && <SquareFrame at={at} className="cursor" />}
              {report && !playing && <VerdictMarks report={report} />}
            </>
          }
        />
        <Box sx={RIGHT_PAGE}>
          {ended ? (
            <EndedPage attempt={attempt} played={played} onPlay={setPlayed} />
          ) : (
            <WritingPage
              attempt={attempt}
              report={report}
              hint={hint}
              onHint={setHint}
              aids={aids}
              onAids={setAids}
              onDigit={(digit) => write(digit, false)}
              onSmall={(digit) => write(digit, true)}
              onStrike={() => act('/')}
            />
          )}
        </Box>
      </Box>
      <SlateBar
        attempt={attempt}
        canUndo={slate.canUndo}
        canRedo={slate.canRedo}
        onUndo={() => turn('undo')}
        onRedo={() => turn('redo')}
        onRub={() => act('Backspace')}
        onHandIn={() => setHandingIn(true)}
      />
      {handingIn && (
        <HandInDialog
          pending={slate.handIn.isPending}
          onClose={() => setHandingIn(false)}
          onHandIn={(explanation) =>
            slate.handIn.mutate(explanation, { onSettled: () => setHandingIn(false) })
          }
        />
      )}
    </Box>
  );
}

const MOVES: Record<string, Square> = {
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
};

interface SlateKeys {
  write: (digit: string, small: boolean) => void;
  act: (key: string) => boolean;
  turn: (which: 'undo' | 'redo') => void;
  handIn: () => void;
}

/** The keys of the Slate, those with Ctrl among them; a field or a dialog keeps its own. */
function useSlateKeys({ write, act, turn, handIn }: SlateKeys) {
  // Before the next key can come, so that it meets the page as it is then.
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target instanceof Element ? event.target : null;
      if (
        event.defaultPrevented ||
        event.altKey ||
        target?.closest('[role="dialog"], input, textarea, select')
      ) {
        return;
      }
      if (handled(event)) {
        event.preventDefault();
      }
    };
    const handled = (event: KeyboardEvent): boolean => {
      if (event.ctrlKey || event.metaKey) {
        const ctrl: Record<string, () => void> = {
          Enter: handIn,
          z: () => turn('undo'),
          y: () => turn('redo'),
        };
        ctrl[event.key]?.();
        return event.key in ctrl;
      }
      const digit = /^(Digit|Numpad)\d$/.test(event.code) ? event.code.slice(-1) : undefined;
      if (digit !== undefined) {
        write(digit, event.shiftKey);
        return true;
      }
      if (/^[+\-×x*÷√.,]$/.test(event.key)) {
        write({ '-': '−', x: '×', '*': '×' }[event.key] ?? event.key, false);
        return true;
      }
      const onButton = event.target instanceof Element && event.target.closest('button, a');
      return !(event.key === 'Enter' && onButton) && act(event.key);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}

function SquareFrame({ at, className }: { at: Square; className: string }) {
  return (
    <rect
      className={className}
      data-testid={className}
      data-row={at.row}
      data-column={at.column}
      x={left(at) + 3}
      y={top(at) + 3}
      width={SIDE - 6}
      height={SIDE - 6}
      rx={6}
      fillOpacity={0.5}
    />
  );
}

/** What belongs in the squares of a hint that shows it. */
function Shown({ hint }: { hint: Hint }) {
  return hint.shown.map(({ at, text, spot }, index) => (
    <text
      key={index}
      className={spot === 'FULL' ? 'figure' : 'small'}
      x={left(at) + SIDE / 2}
      y={top(at) + SIDE / 2}
      opacity={0.55}
    >
      {text}
    </text>
  ));
}
