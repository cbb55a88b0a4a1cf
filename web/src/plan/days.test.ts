import { dayAfter } from '../ui/days';
import { describe, expect, it } from 'vitest';
import type { Lesson, PlanDay, Today } from '../api/types';
import {
  forWhom,
  ofSome,
  dayBeside,
  freeDay,
  minutesTold,
  namesTold,
  openDayBeside,
  shortDay,
  weeksOf,
  wholeDay,
  withEarlier,
  withMore,
  type PartSent,
} from './days';

const MONDAY = '2026-11-23';

const days: PlanDay[] = Array.from({ length: 14 }, (_, at) => ({
  day: dayAfter(MONDAY, at),
  minutes: at % 7 < 5 && at !== 2 ? 45 : 0,
  holiday: at === 2 ? 'Bulb day' : undefined,
  lessons: [],
}));
const TIMETABLE = [45, 45, 45, 45, 45, 0, 0];

describe('days', () => {
  it('are said with their weekday, or shortly', () => {
    expect(wholeDay('2026-11-26')).toBe('Thursday 26 November');
    expect(shortDay('2026-11-26')).toBe('26 Nov');
  });
});

describe('weeks', () => {
  const weeks = weeksOf(days, TIMETABLE);
  it('leave out the days that never have a lesson', () => {
    expect(weeks.map((week) => week.length)).toEqual([5, 5]);
    const busy = days.map((day, at) => (at === 5 ? { ...day, lessons: [{} as Lesson] } : day));
    expect(weeksOf(busy, TIMETABLE).map((week) => week.length)).toEqual([6, 6]);
  });
  it('are walked over by arrows up to their ends', () => {
    expect(dayBeside(weeks, MONDAY, 'ArrowRight')).toBe('2026-11-24');
    expect(dayBeside(weeks, '2026-11-27', 'ArrowRight')).toBe('2026-11-30');
    expect(dayBeside(weeks, MONDAY, 'ArrowDown')).toBe('2026-11-30');
    expect(dayBeside(weeks, MONDAY, 'ArrowLeft')).toBeUndefined();
    expect(dayBeside(weeks, MONDAY, 'ArrowUp')).toBeUndefined();
    expect(dayBeside(weeks, MONDAY, 'x')).toBeUndefined();
  });
  it('are passed over where a day is free when a lesson moves', () => {
    expect(openDayBeside(weeks, '2026-11-24', 'ArrowRight')).toBe('2026-11-26');
    expect(openDayBeside(weeks, '2026-12-02', 'ArrowUp')).toBeUndefined();
  });
});

describe('a lesson', () => {
  it('takes its minutes of those that there are', () => {
    const lessons = [{ minutes: 20 }, { minutes: 18 }] as Lesson[];
    expect(minutesTold({ day: MONDAY, minutes: 45, lessons })).toBe('38 of 45');
  });
  it('finds the next day without another, and no holiday', () => {
    const busy = days.map((day, at) => (at < 2 ? { ...day, lessons: [{} as Lesson] } : day));
    expect(freeDay(busy, MONDAY)).toBe('2026-11-26');
    expect(freeDay(busy, '2026-12-05')).toBeUndefined();
  });
  it('is for some, of whom the first are named', () => {
    const names = ['Bram', 'Caio', 'Corin', 'Fenn', 'Idony', 'Ismay', 'Joss', 'Neve'];
    expect(namesTold(names.slice(0, 3))).toBe('Bram, Caio, Corin');
    expect(namesTold(names)).toBe('Bram, Caio, Corin, Fenn, Idony, Ismay and 2 more');
  });
  const parts: PartSent[] = [
    {
      kind: 'OPENER',
      lines: [
        { rung: 'a', count: 1 },
        { rung: 'b', count: 2 },
      ],
      pupils: [],
    },
    { kind: 'PRACTISE', lines: [{ rung: 'a', count: 1 }], pupils: [7, 9] },
  ];
  it('has a part with more sums, or without it when its last is taken', () => {
    expect(withMore(parts, 0, 1, 1)[0]?.lines).toEqual([
      { rung: 'a', count: 1 },
      { rung: 'b', count: 3 },
    ]);
    expect(withMore(parts, 0, 0, -1)[0]?.lines).toEqual([{ rung: 'b', count: 2 }]);
    expect(withMore(parts, 1, 0, -1)).toEqual([parts[0]]);
  });
  it('has a part earlier, and loses none, nor those whom it is for', () => {
    expect(withEarlier(parts, 1)).toEqual([parts[1], parts[0]]);
    expect(withMore(parts, 1, 0, 1)[1]?.pupils).toEqual([7, 9]);
  });
});

describe('Whom something is for', () => {
  const part = (names: string[]) =>
    ({ pupils: names.map((_, id) => id), names }) as Lesson['parts'][number];
  it('is the whole class where any part is for all', () => {
    expect(forWhom({ parts: [part([]), part(['Neve'])] })).toBe('For the whole class');
  });
  it('is told by names where every part is for some', () => {
    expect(forWhom({ parts: [part(['Neve', 'Bram']), part(['Neve'])] })).toBe('For Neve, Bram');
  });
  it('leaves of what is to be looked at again what concerns them', () => {
    const again = [
      { rung: { id: 'a' }, reason: '', pupils: ['Neve', 'Bram'] },
      { rung: { id: 'b' }, reason: '', pupils: ['Bram'] },
    ] as Today['again'];
    expect(ofSome(again, ['Neve']).map(({ rung, pupils }) => [rung.id, pupils])).toEqual([
      ['a', ['Neve']],
    ]);
  });
});
