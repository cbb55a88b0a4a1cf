import { expect, test } from 'vitest';
import type { FrameView } from '../api/types';
import { NOTHING_YET, watched } from './watching';

const sheet = (code: string, x = 0.5, seen: FrameView['seen'] = 'WHOLE'): FrameView => ({
  seen,
  code,
  x,
  y: 0.5,
});

const nothing: FrameView = { seen: 'NOTHING', x: 0, y: 0 };

/** The places of the frames whose sheet is taken. */
function taken(frames: FrameView[]): number[] {
  let watch = NOTHING_YET;
  return frames.flatMap((frame, place) => {
    const next = watched(watch, frame);
    watch = next.watch;
    return next.take ? [place] : [];
  });
}

test('takesASheetOnceItLiesStill', () => {
  expect(taken([sheet('a', 0.3), sheet('a', 0.4), sheet('a', 0.4), sheet('a', 0.4)])).toEqual([2]);
});

test('takesTheNextSheetAtOnce', () => {
  expect(taken([sheet('a'), sheet('a'), sheet('b'), sheet('b'), sheet('a'), sheet('a')])).toEqual([
    1, 3, 5,
  ]);
});

test('takesASheetAnewThatWentAndCameBack', () => {
  const gone = [nothing, nothing, nothing, nothing];
  expect(taken([sheet('a'), sheet('a'), nothing, sheet('a'), sheet('a')])).toEqual([1]);
  expect(taken([sheet('a'), sheet('a'), ...gone, sheet('a'), sheet('a')])).toEqual([1, 7]);
});

test('waitsForTheWholeSheetOfThisHandout', () => {
  const part = sheet('a', 0.5, 'PART');
  const other = sheet('c', 0.5, 'OTHER');
  expect(taken([part, part, other, other, sheet('a'), sheet('a')])).toEqual([5]);
});
