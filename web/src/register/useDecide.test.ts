import { describe, expect, it } from 'vitest';
import type { Register } from '../api/types';
import { decidedBefore } from './useDecide';

describe('What was decided before', () => {
  const register = {
    squares: [
      { pupil: 1, rung: 'a', standing: 'SURE', byRules: 'NEARLY', note: 'said why' },
      { pupil: 2, rung: 'a', standing: 'BEGUN' },
    ],
  } as Register;
  it('comes back with its note, and what the rules said is left to them again', () => {
    const decisions = [1, 2, 3].map((pupil) => ({ pupil, rung: 'a' }));
    expect(decidedBefore(register, decisions)).toEqual([
      { pupil: 1, rung: 'a', standing: 'SURE', note: 'said why' },
      { pupil: 2, rung: 'a' },
      { pupil: 3, rung: 'a' },
    ]);
  });
});
