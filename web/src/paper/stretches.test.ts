import { describe, expect, it } from 'vitest';
import type { Mark, Paper } from '../api/types';
import { timed } from './layer';
import { stretchesOf, stepFor } from './stretches';

/** The same numbers at every stretch: a row of pseudo-random ones. */
function numbers(seed: number) {
  let state = seed;
  return (below: number) => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return Math.floor((state / 2147483648) * below);
  };
}

/** A page of marks in order of writing, some of which go later. */
function page(seed: number, marks: number): Paper {
  const next = numbers(seed);
  let step = 0;
  return {
    extent: { from: { row: 0, column: 0 }, to: { row: 9, column: 9 } },
    marks: Array.from({ length: marks }, (_, id): Mark => {
      step += next(2);
      return {
        id,
        role: next(4) === 0 ? 'ANSWER' : 'CARRY',
        step,
        gone: next(3) === 0 ? step + 1 + next(60) : undefined,
        shape: { kind: 'figure', at: { row: next(9), column: next(9) }, text: String(next(10)) },
      };
    }),
  };
}

describe('stretches of marks', () => {
  it('hold each mark once, in order of writing', () => {
    const paper = page(3, 500);
    expect(stretchesOf(paper).flatMap((stretch) => stretch.marks)).toEqual(paper.marks);
    expect(stretchesOf(page(4, 0))).toEqual([]);
  });

  it('are the same ones for the same paper', () => {
    const paper = page(5, 100);
    expect(stretchesOf(paper)).toBe(stretchesOf(paper));
  });

  it.each([1, 2, 3, 4])(
    'look at their own step as they do at the step of the page (%i)',
    (seed) => {
      const paper = page(seed, 400);
      const last = paper.marks.at(-1)?.step ?? 0;
      for (const fresh of [true, false]) {
        for (let step = -1; step <= last + 70; step++) {
          for (const stretch of stretchesOf(paper)) {
            const look = (at: number) =>
              stretch.marks.map((mark) =>
                timed(mark, { step: at, fresh, boxless: seed % 2 === 0 }),
              );
            expect(look(stepFor(stretch, step))).toEqual(look(step));
          }
        }
      }
    },
  );

  it('keep their step while nothing of them changes', () => {
    const paper = page(6, 400);
    const steps = stretchesOf(paper).map(
      (stretch) =>
        new Set(Array.from({ length: 600 }, (_, step) => stepFor(stretch, step - 1))).size,
    );
    expect(Math.max(...steps)).toBeLessThan(130);
  });
});
