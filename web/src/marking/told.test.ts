import { describe, expect, it } from 'vitest';
import type { Grid, Handout } from '../api/types';
import { answersTold, dayTold, hardest, namesOf, numbersTold, slipsTold, stateTold } from './told';

describe('what is told of a handout', () => {
  const handout = { pupils: 24, sums: 10, answers: 0 } as Handout;
  it('is how far its marking has come', () => {
    expect(stateTold(handout)).toBe('not marked: 24\u00a0pupils, 10\u00a0sums');
    expect(stateTold({ ...handout, answers: 30 })).toBe('30 of 240 marked');
    expect(stateTold({ ...handout, answers: 240 })).toBe('marked: 24\u00a0pupils, 10\u00a0sums');
  });
  it('is its day in words', () => {
    expect(dayTold('2026-11-04')).toBe('4 November');
  });
});

describe('what is told of a class', () => {
  it('names pupils in the order of the grid', () => {
    const pupils = ['Bram', 'Neve', 'Wilfa'].map((name, id) => ({ id, name, left: false }));
    expect(namesOf({ pupils } as Grid, [2, 0])).toEqual(['Bram', 'Wilfa']);
  });
  it('counts sums from one', () => {
    expect(numbersTold([0])).toBe('1');
    expect(numbersTold([0, 2, 3])).toBe('1, 3 and 4');
    expect(numbersTold([])).toBe('');
  });
  it('leaves out sums that all have right', () => {
    const sums = [3, 1, 0].map((wrong, number) => ({ number, wrong, answered: 5 }));
    expect(hardest(sums, 5).map(({ number }) => number)).toEqual([0, 1]);
  });
});

describe('an explanation', () => {
  const slip = (name: string) => ({ id: name, name });
  const none = { slips: [], own: false, explains: [] };
  it('names its slips', () => {
    expect(slipsTold({ ...none, slips: [slip('carry not added')] })).toBe('carry not added');
    expect(slipsTold({ ...none, slips: [slip('one'), slip('other')] })).toBe('one, and other');
  });
  it('says that a fact was missed only where that gives an answer', () => {
    expect(slipsTold({ ...none, explains: [2] })).toBe('no slip, a fact missed');
    expect(slipsTold(none)).toBe('no slip that is known');
  });
  it('sends to a page where nothing known explains the answers', () => {
    expect(slipsTold({ ...none, own: true })).toBe('something of its own: look at a page');
  });
  it('counts earlier answers beside those of the handout', () => {
    expect(answersTold([0, 2], 0)).toBe('1 and 3');
    expect(answersTold([0, 2], 4)).toBe('1 and 3, and 4 earlier answers');
    expect(answersTold([], 1)).toBe('1 earlier answer');
  });
});
