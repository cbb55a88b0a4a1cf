import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useReducer } from 'react';
import type { Area, Square, Working } from '../api/types';
import { home, left, SIDE, top } from '../paper/geometry';
import { SquaredPage } from '../paper/SquaredPage';
import { asPaper, blankAt, writingReducer, type WritingAction } from '../paper/writing';
import { useKeys } from '../ui/useKeys';

/** The room that an empty sheet has. */
const EMPTY: Area = { from: { row: 0, column: 0 }, to: { row: 8, column: 11 } };

/** The keys that write; a digit goes on to the left, where the next place is. */
function actions(key: string, event: KeyboardEvent): WritingAction[] | undefined {
  const digit = /^Digit\d$/.test(event.code) ? event.code.slice(5) : undefined;
  if (event.shiftKey && digit) {
    return [{ do: 'aid', text: digit }];
  }
  if (/^[\d+\-×x*÷=.,√]$/.test(key)) {
    const text = { '-': '−', x: '×', '*': '×' }[key] ?? key;
    return [
      { do: 'write', text },
      { do: 'move', rows: 0, columns: -1 },
    ];
  }
  return KEYS[key];
}

const KEYS: Record<string, WritingAction[]> = {
  ArrowLeft: [{ do: 'move', rows: 0, columns: -1 }],
  ArrowRight: [{ do: 'move', rows: 0, columns: 1 }],
  ArrowUp: [{ do: 'move', rows: -1, columns: 0 }],
  ArrowDown: [{ do: 'move', rows: 1, columns: 0 }],
  Enter: [{ do: 'move', rows: 1, columns: 0 }],
  Backspace: [{ do: 'rub' }],
  Delete: [{ do: 'rub' }],
  '/': [{ do: 'strike' }],
  _: [{ do: 'line' }],
  z: [{ do: 'undo' }],
  y: [{ do: 'redo' }],
};

/** An empty page on which the class tells and the teacher types. The sum on the desk is set out. */
export function BlankPage({ working }: { working: Working | null }) {
  const setOut = working ? lastOfSetOut(working) : -1;
  const extent = working?.paper.extent ?? EMPTY;
  const [writing, dispatch] = useReducer(
    writingReducer,
    blankAt(working ? firstOfAnswer(working) : { row: 1, column: 6 }),
  );
  useKeys((key, event) => {
    const wanted = actions(key, event);
    wanted?.forEach(dispatch);
    return wanted !== undefined;
  });
  const { cursor, marks, past, future } = writing;
  return (
    <>
      <SquaredPage
        room
        label="Blank page"
        layers={[
          ...(working ? [{ paper: working.paper, step: setOut, boxless: true }] : []),
          { paper: asPaper(marks, extent, working?.paper), step: 0 },
        ]}
        onSquare={(to) => dispatch({ do: 'go', to })}
        sightOf={cursor}
        overlay={
          <rect
            className="cursor"
            data-testid="cursor"
            x={left(cursor) + 2}
            y={top(cursor) + 2}
            width={SIDE - 4}
            height={SIDE - 4}
            rx={6}
          />
        }
      />
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 1,
          px: 3,
          py: 1,
          bgcolor: 'ink.now',
          fontSize: 20,
        }}
      >
        <Box sx={{ flex: 1, minWidth: 260 }}>
          The class tells, you type: figures, Shift for small ones, / to strike, _ for a line.
        </Box>
        <Button disabled={past.length === 0} onClick={() => dispatch({ do: 'undo' })}>
          Undo
        </Button>
        <Button disabled={future.length === 0} onClick={() => dispatch({ do: 'redo' })}>
          Redo
        </Button>
        <Button disabled={marks.length === 0} onClick={() => dispatch({ do: 'clear' })}>
          Wipe
        </Button>
      </Box>
    </>
  );
}

/** The last step of setting the sum out, without the figures that only long working needs. */
function lastOfSetOut({ steps }: Working) {
  const key = steps[0]?.sectionKey;
  const end = steps.findIndex(({ sectionKey }) => sectionKey !== key);
  return end < 0 ? steps.length - 1 : end - 1;
}

/** Where the answer begins; on a page without one, its foot. */
function firstOfAnswer({ paper }: Working): Square {
  const first = paper.marks.find(({ role }) => ['ANSWER', 'QUOTIENT', 'ROOT'].includes(role));
  return first ? home(first) : paper.extent.to;
}
