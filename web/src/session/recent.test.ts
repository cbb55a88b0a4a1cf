import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { store } from '../test/store';
import { steps, working } from '../test/workings';
import { MOST, noteSum, recentSums } from './recent';

let kept: Map<string, string>;

beforeEach(() => {
  kept = store('localStorage');
});
afterEach(() => {
  vi.unstubAllGlobals();
});

const note = (problem: string) => noteSum(working(problem, steps('set')));
const problems = () => recentSums().map(({ problem }) => problem);

describe('the sums of late', () => {
  it('have the latest first, and each once', () => {
    ['46 + 38', '57 × 38', '46 + 38'].forEach(note);
    expect(problems()).toEqual(['46 + 38', '57 × 38']);
  });

  it('are so many and no more', () => {
    for (let n = 0; n < MOST + 5; n++) {
      note(`${n} + 1`);
    }
    expect(problems()).toHaveLength(MOST);
    expect(problems()[0]).toBe(`${MOST + 4} + 1`);
  });

  it('are none where the browser has kept nonsense', () => {
    for (const text of ['{"a":1}', '[null, 7, {"problem":"x"}]', '[', 'null']) {
      kept.set('bemble.sums', text);
      expect(recentSums()).toEqual([]);
    }
  });
});
