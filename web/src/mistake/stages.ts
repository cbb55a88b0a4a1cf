/** The stage of the lesson: a part of it, and the step of that part, from 0. */
export interface Stage {
  part: Part;
  step: number;
}

export type Part = 'page' | 'vote' | 'check' | 'question' | 'right' | 'after';

/** How many steps the wrong page has, its check, and the right page. */
export interface Steps {
  page: number;
  check: number;
  right: number;
}

const ORDER: Part[] = ['page', 'vote', 'check', 'question', 'right', 'after'];

const lengthOf = (part: Part, steps: Steps) =>
  part === 'page' || part === 'check' || part === 'right' ? steps[part] : 1;

/** The stage at a place in the lesson, counted from 0; the last one beyond its end. */
export function stageAt(place: number, steps: Steps): Stage {
  let before = 0;
  for (const part of ORDER) {
    const length = lengthOf(part, steps);
    if (place < before + length) {
      return { part, step: place - before };
    }
    before += length;
  }
  return { part: 'after', step: 0 };
}

/** The place at which a part begins. */
export function placeOf(part: Part, steps: Steps): number {
  return ORDER.slice(0, ORDER.indexOf(part)).reduce(
    (before, each) => before + lengthOf(each, steps),
    0,
  );
}

/** The last place of a lesson. */
export const lastPlace = (steps: Steps) => placeOf('after', steps);

const A = 'a'.charCodeAt(0);

/** The letter by which a square is voted for. */
export const letter = (index: number) => String.fromCharCode(A + index);

/** The square that a key votes for, of so many; undefined for any other key. */
export function squareOf(key: string, squares: number): number | undefined {
  const index = key.length === 1 ? key.toLowerCase().charCodeAt(0) - A : -1;
  return index >= 0 && index < squares ? index : undefined;
}

/** How many votes each square has. */
export function counted(votes: number[]): Map<number, number> {
  const counts = new Map<number, number>();
  votes.forEach((vote) => counts.set(vote, (counts.get(vote) ?? 0) + 1));
  return counts;
}

/** A sum as it stands in the address: its method and its line. */
export const inAddress = ({ plain, method = '' }: { plain: string; method?: string }) =>
  `${method}:${plain}`;

/** The sums of an address. */
export function fromAddress(texts: string[]): { plain: string; method?: string }[] {
  return texts.flatMap((text) => {
    const at = text.indexOf(':');
    const plain = text.slice(at + 1);
    return plain ? [{ plain, method: at > 0 ? text.slice(0, at) : undefined }] : [];
  });
}

/** The address of a lesson on a slip that was made in some sums. */
export function mistakeAddress(
  slip: string,
  sums: { plain: string; method?: string }[],
  seed: number,
): string {
  const query = new URLSearchParams({ slip, seed: String(seed) });
  sums.forEach((sum) => query.append('sum', inAddress(sum)));
  return `/board/mistake?${query}`;
}
