import { describe, expect, it } from 'vitest';
import type { Paper } from '../api/types';
import { asPaper, blankAt, writingReducer, type Writing, type WritingAction } from './writing';

const START = { row: 2, column: 5 };

function after(...actions: WritingAction[]): Writing {
  return actions.reduce(writingReducer, blankAt(START));
}

describe('writingReducer', () => {
  it('puts a figure at the cursor in the place of another one', () => {
    const { marks } = after({ do: 'write', text: '4' }, { do: 'write', text: '7' });
    expect(marks).toEqual([{ kind: 'FIGURE', at: START, text: '7' }]);
  });

  it('keeps a small figure beside a figure in the same square', () => {
    const { marks } = after({ do: 'write', text: '4' }, { do: 'aid', text: '1' });
    expect(marks.map(({ kind }) => kind)).toEqual(['FIGURE', 'AID']);
  });

  it('does not leave the sheet at its upper left corner', () => {
    const { cursor } = after({ do: 'move', rows: -9, columns: -9 });
    expect(cursor).toEqual({ row: 0, column: 0 });
  });

  it('rubs out all that stands in a square and nothing else', () => {
    const { marks } = after(
      { do: 'write', text: '4' },
      { do: 'aid', text: '1' },
      { do: 'strike' },
      { do: 'move', rows: 0, columns: -1 },
      { do: 'write', text: '6' },
      { do: 'go', to: START },
      { do: 'rub' },
    );
    expect(marks).toEqual([{ kind: 'FIGURE', at: { row: 2, column: 4 }, text: '6' }]);
  });

  it('takes back step by step and does again in the same order', () => {
    const written = after(
      { do: 'write', text: '4' },
      { do: 'move', rows: 0, columns: -1 },
      { do: 'write', text: '6' },
    );
    const once = writingReducer(written, { do: 'undo' });
    const twice = writingReducer(once, { do: 'undo' });
    expect(once.marks.map(({ text }) => text)).toEqual(['4']);
    expect(twice.marks).toEqual([]);
    expect(writingReducer(twice, { do: 'undo' })).toBe(twice);
    const again = [{ do: 'redo' }, { do: 'redo' }] as const;
    expect(again.reduce<Writing>(writingReducer, twice).marks).toEqual(written.marks);
  });

  it('forgets what was taken back once something new is written', () => {
    const changed = after({ do: 'write', text: '4' }, { do: 'undo' }, { do: 'write', text: '5' });
    expect(changed.future).toEqual([]);
    expect(writingReducer(changed, { do: 'redo' })).toBe(changed);
  });

  it('brings a wiped page back', () => {
    const wiped = after({ do: 'write', text: '4' }, { do: 'line' }, { do: 'clear' });
    expect(wiped.marks).toEqual([]);
    expect(writingReducer(wiped, { do: 'undo' }).marks).toHaveLength(2);
  });
});

describe('asPaper', () => {
  const extent = { from: { row: 0, column: 0 }, to: { row: 8, column: 8 } };
  const small = { kind: 'AID', at: START, text: '1' } as const;

  it('draws a small figure in the middle of an empty square', () => {
    expect(asPaper([small], extent).marks[0]?.shape).toMatchObject({ spot: 'SMALL' });
  });

  it('moves a small figure into the corner where a figure stands or is printed', () => {
    const corner = { spot: 'UPPER_LEFT' };
    const written = asPaper([{ kind: 'FIGURE', at: START, text: '4' }, small], extent);
    expect(written.marks[1]?.shape).toMatchObject(corner);
    const printed: Paper = {
      extent,
      marks: [{ id: 0, role: 'GIVEN', step: 0, shape: { kind: 'figure', at: START, text: '4' } }],
    };
    expect(asPaper([small], extent, printed).marks[0]?.shape).toMatchObject(corner);
  });

  it('rules a line under its square', () => {
    const [line] = asPaper([{ kind: 'LINE', at: START, text: '' }], extent).marks;
    expect(line?.shape).toEqual({
      kind: 'line',
      from: { row: 3, column: 5 },
      to: { row: 3, column: 6 },
    });
  });
});
