import type { Lesson, LessonPart, PlanDay, Today } from '../api/types';
import { LOCALE, t } from '../words';

export const WEEKDAYS = [
  t('plan.mon'),
  t('plan.tue'),
  t('plan.wed'),
  t('plan.thu'),
  t('plan.fri'),
  t('plan.sat'),
  t('plan.sun'),
] as const;

export const PARTS: Record<LessonPart['kind'], string> = {
  OPENER: t('plan.opener'),
  SHOW: t('common.show'),
  TOGETHER: t('plan.together'),
  MISTAKE: t('mistake.what-went-wrong'),
  PRACTISE: t('plan.practise'),
  EXPLAIN: t('plan.explain'),
  HOMEWORK: t('common.homework'),
};

/** The name of a part. A part for some pupils is called a group. */
export const partTold = ({ kind, pupils }: Pick<LessonPart, 'kind' | 'pupils'>) =>
  pupils.length > 0 ? t('plan.a-group') : PARTS[kind];

export const STATES: Record<Lesson['state'], string> = {
  PLANNED: t('plan.planned'),
  DONE: t('plan.done'),
  HALF: t('plan.half-done'),
  MOVED: t('plan.moved-on'),
};

const noon = (day: string) => new Date(`${day}T12:00:00`);
/** A day with its weekday: Thursday 26 November. */
export const wholeDay = (day: string) =>
  noon(day)
    .toLocaleDateString(LOCALE, { weekday: 'long', day: 'numeric', month: 'long' })
    .replace(',', '');

/** A day within a week: 26 Nov. */
export const shortDay = (day: string) =>
  noon(day).toLocaleDateString(LOCALE, { day: 'numeric', month: 'short' });

/** The days week by week; weekdays that never have a lesson, nor minutes for one, are left out. */
export function weeksOf(days: PlanDay[], timetable: number[]): PlanDay[][] {
  const shown = timetable.map(
    (minutes, weekday) =>
      minutes > 0 || days.some(({ lessons }, at) => at % 7 === weekday && lessons.length > 0),
  );
  const weeks: PlanDay[][] = [];
  for (let from = 0; from < days.length; from += 7) {
    weeks.push(days.slice(from, from + 7).filter((_, weekday) => shown[weekday]));
  }
  return weeks;
}

/** The day that an arrow leads to from a day; none where the weeks end. */
export function dayBeside(weeks: PlanDay[][], day: string, key: string): string | undefined {
  const row = weeks.findIndex((week) => week.some((each) => each.day === day));
  const column = weeks[row]?.findIndex((each) => each.day === day) ?? -1;
  const flat = weeks.flat().map((each) => each.day);
  const at = flat.indexOf(day);
  switch (key) {
    case 'ArrowLeft':
      return flat[at - 1];
    case 'ArrowRight':
      return flat[at + 1];
    case 'ArrowUp':
      return weeks[row - 1]?.[column]?.day;
    case 'ArrowDown':
      return weeks[row + 1]?.[column]?.day;
    default:
      return undefined;
  }
}

/** The next day in the direction of an arrow that may have a lesson. */
export function openDayBeside(weeks: PlanDay[][], day: string, key: string): string | undefined {
  let to = dayBeside(weeks, day, key);
  const isOpen = (wanted: string) => {
    const found = weeks.flat().find((each) => each.day === wanted);
    return found !== undefined && found.minutes > 0;
  };
  while (to !== undefined && !isOpen(to)) {
    to = dayBeside(weeks, to, key);
  }
  return to;
}

/** The minutes of a day's lessons, out of the minutes of the day. */
export const minutesTold = ({ lessons, minutes }: PlanDay) =>
  t('plan.minutes-of', {
    taken: lessons.reduce((sum, lesson) => sum + lesson.minutes, 0),
    minutes,
  });

const MOST_NAMES = 6;

/** Some names; of many only the first, and how many more. */
export const namesTold = (names: string[]) =>
  names.length > MOST_NAMES + 1
    ? t('plan.names-and-more', {
        names: names.slice(0, MOST_NAMES).join(', '),
        more: names.length - MOST_NAMES,
      })
    : names.join(', ');

/** The rungs to look at again that belong to some pupils alone. */
export const ofSome = (again: Today['again'], names: string[]): Today['again'] =>
  again
    .map((each) => ({ ...each, pupils: each.pupils.filter((name) => names.includes(name)) }))
    .filter(({ pupils }) => pupils.length > 0);

/** Whom a lesson is for: the whole class, or the pupils of its parts if each part is for some. */
export function forWhom({ parts }: Pick<Lesson, 'parts'>): string {
  const names = [...new Set(parts.flatMap((part) => part.names))];
  return parts.some(({ pupils }) => pupils.length === 0)
    ? t('plan.for-the-whole-class')
    : t('plan.for-some', { names: namesTold(names) });
}

/** The first day from a day on that has minutes and no lesson. */
export const freeDay = (days: PlanDay[], from: string) =>
  days.find(({ day, minutes, lessons }) => day >= from && minutes > 0 && lessons.length === 0)?.day;

/** The purpose of a part, its sums and its pupils, as they are sent. */
export type PartSent = Pick<LessonPart, 'kind' | 'lines' | 'pupils'>;

/** Parts as they are sent. */
export const partsSent = (parts: PartSent[]): PartSent[] =>
  parts.map(({ kind, lines, pupils }) => ({ kind, lines, pupils }));

/** The parts with so many more sums on a line of one; without the line if none are left. */
export function withMore(parts: PartSent[], part: number, line: number, more: number): PartSent[] {
  return partsSent(parts)
    .map((sent, at) =>
      at === part
        ? {
            ...sent,
            lines: sent.lines
              .map((each, i) => (i === line ? { ...each, count: each.count + more } : each))
              .filter(({ count }) => count > 0),
          }
        : sent,
    )
    .filter(({ lines }) => lines.length > 0);
}

/** The parts with one moved before its neighbour. */
export function withEarlier(parts: PartSent[], part: number): PartSent[] {
  const order = partsSent(parts);
  order.splice(part - 1, 0, ...order.splice(part, 1));
  return order;
}
