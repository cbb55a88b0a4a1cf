import { describe, expect, it } from 'vitest';
import { strokes } from '../test/strokes';
import { NO_HISTORY, noted, turned, type History } from './history';
import { marksAfter, type Done } from './strokes';

/** A page that is written on as the screens do it: every change is noted before it is made. */
class Page {
  done: Done[] = [];
  history: History = NO_HISTORY;

  get marks() {
    return marksAfter(this.done);
  }

  /** The page as a set of marks, in whatever order they came. */
  get seen() {
    return new Set(this.marks.map((mark) => JSON.stringify(mark)));
  }

  write(...more: Done[]) {
    const squares = more.map(({ row, column }) => ({ row, column }));
    this.history = noted(this.history, squares, this.marks);
    this.done = [...this.done, ...more];
  }

  turn(which: 'undo' | 'redo') {
    const turn = turned(this.history, which, this.marks);
    if (turn) {
      this.history = turn.history;
      this.done = [...this.done, ...turn.strokes];
    }
    return turn?.at;
  }
}

/** Random strokes in a few squares, the same for the same seed. */
function* randomStrokes(seed: number) {
  const kinds = ['FIGURE', 'AID', 'NUMBER', 'POINT', 'STRIKE', 'LINE', 'RUB'] as const;
  for (let state = seed; ;) {
    state = (state * 1103515245 + 12345) % 2147483648;
    const kind = kinds[(state >> 8) % kinds.length] ?? 'RUB';
    const bare = ['STRIKE', 'LINE', 'RUB'].includes(kind);
    const text = bare ? '' : String((state >> 16) % 10);
    yield { kind, row: (state >> 12) % 2, column: (state >> 20) % 3, text };
  }
}

describe('the history of a page', () => {
  it('leads back through every state of a page, and on again', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const page = new Page();
      const states = [page.seen];
      const random = randomStrokes(seed);
      for (let n = 0; n < 12; n++) {
        page.write(random.next().value as Done);
        states.push(page.seen);
      }
      for (let n = 11; n >= 0; n--) {
        page.turn('undo');
        expect(page.seen).toEqual(states[n]);
      }
      expect(page.turn('undo')).toBeUndefined();
      for (let n = 1; n <= 12; n++) {
        page.turn('redo');
        expect(page.seen).toEqual(states[n]);
      }
      expect(page.turn('redo')).toBeUndefined();
    }
  });

  it('forgets what was taken back once something new is written', () => {
    const page = new Page();
    page.write(...strokes(['FIGURE', 2, 2, '4']));
    page.turn('undo');
    page.write(...strokes(['FIGURE', 2, 3, '5']));
    expect(page.turn('redo')).toBeUndefined();
    expect(page.marks.map(({ text }) => text)).toEqual(['5']);
  });

  it('takes squares that were changed together back together', () => {
    const page = new Page();
    page.write(...strokes(['FIGURE', 2, 2, '4']));
    page.write(...strokes(['LINE', 3, 2]));
    page.write(...strokes(['RUB', 2, 2], ['RUB', 3, 2]));
    expect(page.marks).toEqual([]);
    expect(page.turn('undo')).toEqual({ row: 2, column: 2 });
    expect(page.marks.map(({ kind }) => kind)).toEqual(['FIGURE', 'LINE']);
  });
});
