import { describe, expect, it } from 'vitest';
import type { Register, RegisterSquare, RungLabel } from '../api/types';
import {
  begunOperations,
  groupsOf,
  rungsOf,
  squaresOf,
  askedNext,
  foundPlaces,
  rungsUpTo,
  wantedOf,
  type Standing,
} from './standings';

const rung = (id: string, operation: RungLabel['operation']): RungLabel => ({
  id,
  operation,
  name: id,
  fresh: '',
});

const square = (pupil: number, of: string, standing: Standing, slip?: string): RegisterSquare => ({
  pupil,
  rung: of,
  standing,
  slip,
  why: '',
  against: false,
});

const register: Register = {
  rungs: [rung('ones', 'ADDITION'), rung('tens', 'ADDITION'), rung('zeros', 'SUBTRACTION')],
  pupils: [
    { id: 1, name: 'Bram', left: false },
    { id: 2, name: 'Neve', left: false },
    { id: 3, name: 'Wilfa', left: true },
    { id: 4, name: 'Caio', left: true },
  ],
  squares: [
    square(1, 'ones', 'SURE'),
    square(1, 'tens', 'BEGUN', 'carry-not-added'),
    square(2, 'ones', 'NEARLY'),
    square(3, 'ones', 'SURE'),
  ],
  slips: [{ id: 'carry-not-added', name: 'the carry is not added' }],
  rules: [],
};

const ALL = { operation: '', standing: '', slip: '' } as const;
const idsOf = (some: { id: unknown }[]) => some.map(({ id }) => id);

describe('the register', () => {
  it('finds squares, and none that is new', () => {
    expect(squaresOf(register)(2, 'ones')?.standing).toBe('NEARLY');
    expect(squaresOf(register)(2, 'tens')).toBeUndefined();
  });

  it('shows the operations that are begun, or all of them in the beginning', () => {
    expect(begunOperations(register)).toEqual(['ADDITION']);
    expect(begunOperations({ ...register, squares: [] })).toEqual(['ADDITION', 'SUBTRACTION']);
  });

  it('shows whoever is there, and of those who left whoever has worked', () => {
    const wanted = wantedOf(register, ALL);
    expect(idsOf(wanted.pupils)).toEqual([1, 2, 3]);
    expect(idsOf(wanted.rungs)).toEqual(['ones', 'tens', 'zeros']);
    expect(idsOf(wantedOf(register, { ...ALL, operation: 'SUBTRACTION' }).rungs)).toEqual([
      'zeros',
    ]);
  });

  it('narrows to a standing and a slip', () => {
    const sure = wantedOf(register, { ...ALL, standing: 'SURE' });
    expect(idsOf(sure.rungs)).toEqual(['ones']);
    expect(idsOf(sure.pupils)).toEqual([1, 3]);
    expect(sure.isWanted(2, 'ones')).toBe(false);
    const slip = wantedOf(register, { ...ALL, slip: 'carry-not-added' });
    expect(idsOf(slip.rungs)).toEqual(['tens']);
    expect(idsOf(slip.pupils)).toEqual([1]);
    expect(idsOf(wantedOf(register, { ...ALL, standing: 'LOOK_AGAIN' }).pupils)).toEqual([]);
  });

  it('groups pupils on a rung and rungs of a pupil, the best first', () => {
    expect(groupsOf(register, 'ones').map((each) => [each.standing, idsOf(each.pupils)])).toEqual([
      ['SURE', [1]],
      ['NEARLY', [2]],
    ]);
    expect(groupsOf(register, 'zeros')).toEqual([
      { standing: 'NEW', pupils: register.pupils.slice(0, 2) },
    ]);
    expect(rungsOf(register, 1).map((each) => [each.standing, idsOf(each.rungs)])).toEqual([
      ['SURE', ['ones']],
      ['BEGUN', ['tens']],
    ]);
  });
});

describe('The rungs up to one', () => {
  it('are those of its operation', () => {
    expect(rungsUpTo(register, 'tens').map(({ id }) => id)).toEqual(['ones', 'tens']);
    expect(rungsUpTo(register, 'zeros').map(({ id }) => id)).toEqual(['zeros']);
    expect(rungsUpTo(register, '')).toEqual([]);
  });
});

describe('Places', () => {
  const places = [
    { pupil: 1, upTo: 'tens' },
    { pupil: 2, upTo: 'ones', ask: 'tens' },
    { pupil: 3, ask: 'tens' },
    { pupil: 4 },
  ];
  it('are asked for rung by rung', () => {
    expect(askedNext(places)).toEqual([{ rung: 'tens', pupils: [2, 3] }]);
  });
  it('stand for standings once they are found', () => {
    const found = foundPlaces(register, [...places, { pupil: 5, upTo: 'tens' }]);
    expect(found).toEqual(['ones', 'tens'].map((rung) => ({ pupil: 5, rung, standing: 'SURE' })));
  });
});
