import { useMemo } from 'react';
import type { Grid } from '../api/types';
import { useDraft } from '../ui/useDraft';
import { keyOf, shownCell, type Answers } from './entering';

/** Some rows with those of some pupils in front, in that order; the others in their old order. */
export function inFront<Row extends { id: number }>(rows: Row[], first: number[]): Row[] {
  const moved = first.flatMap((id) => rows.filter((row) => row.id === id));
  return [...moved, ...rows.filter(({ id }) => !first.includes(id))];
}

/**
 * The rows of a grid, as on the list of the class or in the order in which the books lie: then a
 * row that is looked for comes behind those that are begun.
 */
export function useBooks(id: number, listed: Grid | undefined, answers: Answers) {
  const [text, setText, forget] = useDraft(`books ${id}`);
  const asTheyLie = text !== '';
  const grid = useMemo(() => {
    if (!listed || text === '') {
      return listed;
    }
    return { ...listed, pupils: inFront(listed.pupils, JSON.parse(text) as number[]) };
  }, [listed, text]);
  const isBegun = (pupil: number) =>
    listed?.sums.some((_, number) => shownCell(answers, keyOf(pupil, number))) ?? false;
  /** Has a pupil's row come next, if the rows lie as the books; gives the row where it is then. */
  const bring = (row: number): number => {
    const pupils = grid?.pupils.map((each) => each.id) ?? [];
    const pupil = pupils[row];
    if (!asTheyLie || pupil === undefined || isBegun(pupil)) {
      return row;
    }
    const first = [...pupils.filter((each) => each !== pupil && isBegun(each)), pupil];
    setText(JSON.stringify(first));
    return first.length - 1;
  };
  return {
    grid,
    asTheyLie,
    setAsTheyLie: (now: boolean) => (now ? setText('[]') : forget()),
    bring,
  };
}
