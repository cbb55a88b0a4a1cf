import { describe, expect, it } from 'vitest';
import type { Setting } from '../api/types';
import { found } from './found';

const setting = (key: string, name: string, ...choices: string[]): Setting => ({
  key,
  name,
  about: `About the ${name}`,
  choices: choices.map((each) => ({ value: each.toUpperCase(), name: each })),
  moves: [],
  example: '23 + 45',
  method: 'column',
  step: 0,
});

describe('the settings that are found', () => {
  const groups = [
    { name: 'Carrying', settings: [setting('carry', 'Place of carries', 'Above', 'Below')] },
    { name: 'Signs', settings: [setting('mark', 'Decimal mark', 'Point', 'Comma')] },
  ];

  it('are all while nothing is typed', () => {
    expect(found(groups, '  ')).toBe(groups);
  });

  it('have every word somewhere, in any order and in letters of any size', () => {
    const keys = (typed: string) =>
      found(groups, typed).flatMap(({ settings }) => settings.map(({ key }) => key));
    expect(keys('COMMA decimal')).toEqual(['mark']);
    expect(keys('carrying')).toEqual(['carry']);
    expect(keys('about the')).toEqual(['carry', 'mark']);
    expect(keys('comma above')).toEqual([]);
  });

  it('leave no empty group', () => {
    expect(found(groups, 'nothing like it')).toEqual([]);
  });
});
