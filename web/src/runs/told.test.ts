import { describe, expect, it } from 'vitest';
import type { Run, RunEntry } from '../api/types';
import { markTold, progressTold, standTold, usualMark } from './told';

const RUN = {
  passMark: 20,
  inARow: false,
  worked: 9,
  sums: 25,
  right: 7,
  streak: 3,
  seconds: 400,
  results: Array.from({ length: 10 }, () => ({})),
} as Run;

describe('progressTold', () => {
  it('tells how many are right towards the mark', () => {
    expect(progressTold(RUN)).toBe('7 right, 20 wanted · 9 of 25 worked');
    expect(progressTold({ ...RUN, sums: 0 })).toBe('7 right, 20 wanted · 9 worked');
  });
  it('tells the streak where the mark is in a row', () => {
    expect(progressTold({ ...RUN, inARow: true })).toContain('3 right in a row, 20 wanted');
  });
  it('tells nothing of what is right while the judge is silent', () => {
    const silent = progressTold({ ...RUN, right: undefined, streak: undefined });
    expect(silent).toBe('9 of 25 worked');
  });
});

describe('standTold', () => {
  const entry = { ended: false, worked: 3, sums: 0, right: 2 } as RunEntry;
  it('tells how far an open run has come', () => {
    expect(standTold(entry)).toBe('open · 3 worked, 2 right');
    expect(standTold({ ...entry, sums: 8, right: undefined })).toBe('open · 3 of 8 worked');
  });
  it('tells the end of an ended one', () => {
    expect(standTold({ ...entry, ended: true, passed: true })).toBe('passed');
    expect(standTold({ ...entry, ended: true, passed: false })).toBe('not passed');
  });
});

describe('the pass mark', () => {
  it('is told', () => {
    expect(markTold({ passMark: 5, inARow: true })).toBe('5 right in a row');
  });
  it('is four in five unless somebody says otherwise', () => {
    expect([1, 4, 10, 12].map(usualMark)).toEqual([1, 4, 8, 10]);
  });
});
