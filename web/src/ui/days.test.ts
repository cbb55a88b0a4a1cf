import { describe, expect, it } from 'vitest';
import { dayAfter } from './days';

describe('days', () => {
  it('go on over months and the change of clocks', () => {
    expect(dayAfter('2026-11-30', 1)).toBe('2026-12-01');
    expect(dayAfter('2026-10-24', 2)).toBe('2026-10-26');
    expect(dayAfter('2027-03-01', -1)).toBe('2027-02-28');
  });
});
