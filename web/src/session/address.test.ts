import { afterEach, describe, expect, it, vi } from 'vitest';
import { addressOf, isSamePage, isStillAt, namedBy } from './address';
import type { Laid } from './laid';

const LAID: Laid = {
  sum: { plain: '7.5 × 38', method: 'area', check: 'SWAP' },
  step: 4,
  page: { id: 7, title: 'Canes' },
};

describe('the address of a page', () => {
  it('names the sum, its method, its check, the kept page and the step', () => {
    expect(namedBy(addressOf(LAID))).toEqual({ ...LAID, page: { id: 7, title: '' } });
  });

  it('keeps signs that have a meaning in an address', () => {
    for (const plain of ['46 + 38', '√2 to 3 places', '1 & 2 = ?', '90 ÷ 7', '#5 % 3']) {
      expect(namedBy(addressOf({ ...LAID, sum: { plain } }))?.sum.plain).toBe(plain);
    }
  });

  it('names nothing where there is no sum', () => {
    expect(namedBy('')).toBeNull();
    expect(namedBy('?step=3&sum=')).toBeNull();
  });

  it('begins at the first step where the step or the page is no number', () => {
    const named = namedBy('?sum=46 + 38&step=-2&page=first');
    expect(named).toMatchObject({ step: 0, page: null });
  });

  it('is of the same page at another step, and of another page by another method', () => {
    expect(isSamePage(LAID, { ...LAID, step: 9 })).toBe(true);
    expect(isSamePage(LAID, { ...LAID, sum: { ...LAID.sum, method: 'column' } })).toBe(false);
    expect(isSamePage(LAID, null)).toBe(false);
  });
});

describe('where the browser stands', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is another place as soon as the view or the page has been turned', () => {
    vi.stubGlobal('location', { pathname: '/desk', search: '?sum=46+%2B+38' });
    expect(isStillAt({ pathname: '/desk', search: '?sum=46+%2B+38' })).toBe(true);
    expect(isStillAt({ pathname: '/slate', search: '?sum=46+%2B+38' })).toBe(false);
    expect(isStillAt({ pathname: '/desk', search: '' })).toBe(false);
  });
});
