import { describe, expect, it } from 'vitest';
import { steps } from '../test/workings';
import { besideStep } from './beside';

describe('besideStep', () => {
  const one = steps('set', 'ones', 'ones', 'tens', 'answer');
  const other = steps('set', 'set', 'ones', 'ones', 'ones', 'tens', 'answer');

  it('goes step for step in a section that both have', () => {
    expect(besideStep(one, 1, other)).toBe(2);
  });

  it('ends a section in both at the same time', () => {
    expect(besideStep(one, 0, other)).toBe(1);
    expect(besideStep(one, 2, other)).toBe(4);
    expect(besideStep(one, 3, other)).toBe(5);
  });

  it('comes to both ends together', () => {
    expect(besideStep(one, 4, other)).toBe(6);
    expect(besideStep(other, 6, one)).toBe(4);
  });

  it('is as far along as the other where they share no section', () => {
    const rounds = steps('round', 'round', 'round', 'round', 'round');
    const hops = steps('hop', 'hop', 'hop');
    expect(rounds.map((_, step) => besideStep(rounds, step, hops))).toEqual([0, 0, 1, 1, 2]);
  });

  it('never goes back', () => {
    const shown = one.map((_, step) => besideStep(one, step, other));
    expect(shown).toEqual([...shown].sort((a, b) => a - b));
  });
});
