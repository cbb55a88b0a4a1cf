import type { Explanation, Glance, Grid, Handout } from '../api/types';
import { listed, LOCALE, t } from '../words';

export const KINDS: Record<Handout['kind'], string> = {
  EXERCISE: t('marking.exercise'),
  HOMEWORK: t('common.homework'),
  QUIZ: t('marking.quiz'),
  TEST: t('marking.test'),
};

/** A day in words: 4 November. */
export const dayTold = (day: string) =>
  new Date(`${day}T12:00:00`).toLocaleDateString(LOCALE, { day: 'numeric', month: 'long' });

/** How far the marking of a handout has come. */
export function stateTold({ pupils, sums, answers }: Handout): string {
  const all = pupils * sums;
  if (answers === 0) {
    return t('marking.waits', { pupils, sums });
  }
  return answers >= all
    ? t('marking.marked', { pupils, sums })
    : t('marking.of-marked', { answers, all });
}

/** The names of some pupils, in the order of the grid. */
export const namesOf = (grid: Grid, ids: number[]) =>
  grid.pupils.filter(({ id }) => ids.includes(id)).map(({ name }) => name);

/** Sums by their numbers as the grid shows them: “1, 3 and 4”. */
export const numbersTold = (places: number[]) => listed(places.map((place) => String(place + 1)));

/** Sums of a handout by their numbers, with how many earlier answers there are besides. */
export function answersTold(places: number[], before: number): string {
  if (before === 0) {
    return numbersTold(places);
  }
  const explains = places.length > 0 ? numbersTold(places) : 'none';
  return t('marking.and-earlier-answers', { explains, before });
}

/** The words for an explanation. Without a slip, a fact is named only where it gives an answer. */
export function slipsTold({
  slips,
  own,
  explains,
}: Pick<Explanation, 'slips' | 'own' | 'explains'>): string {
  if (own) {
    return t('marking.something-of-its-own');
  }
  if (slips.length > 0) {
    return slips.map(({ name }) => name).join(', and ');
  }
  return explains.length > 0 ? t('marking.no-slip-a-fact-missed') : t('marking.no-slip-known');
}

/** How sure an explanation is, in a word. */
export const SURENESS: Record<Explanation['sureness'], string> = {
  NEARLY_CERTAIN: t('marking.nearly-certain'),
  VERY_LIKELY: t('marking.very-likely'),
  LIKELY: t('marking.likely'),
  POSSIBLE: t('marking.possible'),
  UNLIKELY: t('marking.unlikely'),
};

/** The sums that most pupils have wrong, the hardest first; none that everybody has right. */
export const hardest = (sums: Glance['sums'], most: number) =>
  sums.filter(({ wrong }) => wrong > 0).slice(0, most);
