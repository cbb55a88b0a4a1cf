import { store } from '../test/store';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { hasLaid, keepLaid, lastLaid } from './laid';

let kept: Map<string, string>;

beforeEach(() => {
  kept = store('localStorage');
  store('sessionStorage');
});

afterEach(() => {
  vi.unstubAllGlobals();
});

describe('what lay on the desk', () => {
  it('is nothing at the first start', () => {
    expect(hasLaid()).toBe(false);
  });

  it('comes back whole, with its conventions and its check', () => {
    const sum = {
      plain: '1234 + 2.345',
      method: 'column',
      style: { decimalMark: 'COMMA' as const },
      check: 'TAKE_AWAY',
    };
    const laid = { sum, step: 4, page: { id: 7, title: 'Canes' } };
    keepLaid(laid);
    expect(lastLaid()).toEqual(laid);
  });

  it('is of this tab, whatever another tab has laid since', () => {
    const mine = { sum: { plain: '46 + 38' }, step: 2, page: null };
    keepLaid(mine);
    kept.set('bemble.desk', '{"sum":{"plain":"57 × 38"}}');
    expect(lastLaid()).toEqual(mine);
  });

  it('is for a new tab what the last one laid', () => {
    keepLaid({ sum: { plain: '46 + 38' }, step: 2, page: null });
    store('sessionStorage');
    expect(lastLaid()?.sum.plain).toBe('46 + 38');
  });

  it('is nothing where the browser has kept nonsense, or what an earlier version kept', () => {
    for (const text of ['{"sum":', 'null', '7', '{"line":"46 + 38","method":"column","step":2}']) {
      kept.set('bemble.desk', text);
      expect(lastLaid()).toBeNull();
    }
  });

  it('lies at its first step where no step was kept', () => {
    kept.set('bemble.desk', '{"sum":{"plain":"46 + 38"}}');
    expect(lastLaid()).toEqual({ sum: { plain: '46 + 38' }, step: 0, page: null });
  });
});
