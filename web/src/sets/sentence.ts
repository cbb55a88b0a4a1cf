import type { Range, Recipe } from '../api/types';
import { t } from '../words';

const NUMBERS = [
  '',
  t('sets.one-number'),
  t('sets.two-numbers'),
  t('sets.three-numbers'),
  t('sets.four-numbers'),
];

/** How a sentence about some numbers begins. */
export const numbersOf = (count: number) => NUMBERS[count] ?? t('sets.numbers', { count });

/** A range in words: `3`, `2 to 3`, `4 or more`. */
export function rangeWords({ from = 0, to }: Range): string {
  if (to === undefined) {
    return t('sets.or-more', { from });
  }
  return from === to ? String(from) : t('sets.from-to', { from, to });
}

/** The size of a number in words: `2 to 3 figures of 1234`. */
export function sizeWords({ figures, of }: Recipe['numbers'][number]): string {
  const range = rangeWords(figures);
  const most = figures.to ?? 0;
  return of
    ? t('sets.figures-of', { range, most, of })
    : t('sets.figures-of-line', { range, most });
}

/** A recipe with another range for a trait; without the trait where there is none. */
export function withWish(recipe: Recipe, trait: string, range?: Range): Recipe {
  const others = Object.entries(recipe.wishes ?? {}).filter(([other]) => other !== trait);
  const wishes = Object.fromEntries(others);
  return { ...recipe, wishes: range ? { ...recipe.wishes, [trait]: range } : wishes };
}

/** A recipe with another size for its number at a place. */
export function withSize(recipe: Recipe, place: number, size: Recipe['numbers'][number]): Recipe {
  return { ...recipe, numbers: recipe.numbers.map((other, i) => (i === place ? size : other)) };
}

/** A whole number of any size with its thousands set apart. */
export const grouped = (count: string) => count.replaceAll(/\B(?=(\d{3})+$)/g, '\u2009');

/** The time that a class needs for a set, and whether it was measured: `about 9 min, estimated`. */
export const minutes = ({ classSeconds, measured }: { classSeconds: number; measured: number }) =>
  t(measured > 0 ? 'sets.minutes-measured' : 'sets.minutes-estimated', {
    minutes: Math.max(1, Math.round(classSeconds / 60)),
    measured,
  });

/** A count as somebody typed it; undefined if it is none. */
export const counted = (typed: string) => (/^\d{1,3}$/.test(typed) ? Number(typed) : undefined);
