/** Letters that are typed one after the other within this time are one beginning of a name, in ms. */
const TOGETHER = 1000;

/** The beginning of a name that is being typed. */
export interface Seeking {
  letters: string;
  /** When its last letter was typed, in ms. */
  at: number;
}

export interface Sought {
  row: number;
  seeking: Seeking;
}

export const isLetter = (key: string) => /^\p{L}$/u.test(key);

const plain = (name: string) => name.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase();

/** The first row from one on, the last one followed by the first, whose name begins like that. */
function rowOf(names: string[], from: number, letters: string): number | undefined {
  const rows = names.map((_, index) => (from + index) % names.length);
  const begins = (part: string) => plain(part).startsWith(letters);
  return (
    rows.find((row) => begins(names[row] ?? '')) ??
    rows.find((row) => (names[row] ?? '').split(/[\s,-]+/).some(begins))
  );
}

/**
 * The row that a letter leads to, if there is one. Letters typed in haste go on with the name; a
 * letter by itself leads to the next name that begins with it.
 */
export function sought(
  names: string[],
  row: number,
  before: Seeking | undefined,
  key: string,
  at: number,
): Sought | undefined {
  const letter = plain(key);
  if (before && at - before.at < TOGETHER) {
    const letters = before.letters + letter;
    const found = rowOf(names, row, letters);
    return found === undefined ? undefined : { row: found, seeking: { letters, at } };
  }
  const found = rowOf(names, row + 1, letter);
  return found === undefined ? undefined : { row: found, seeking: { letters: letter, at } };
}
