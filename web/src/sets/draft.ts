import type { KeptSet, SetLine, SetSum } from '../api/types';

/** A set in the making, or a kept one that is being changed. */
export interface SetDraft {
  /** The kept set that it is; null for one that is not kept. */
  id: number | null;
  /** The state of the kept set from which it was changed. */
  state?: string;
  title: string;
  version: string;
  versions: string[];
  lines: SetLine[];
  sums: SetSum[];
  /** The sums that stay when others are drawn, by their plain figures. */
  held: string[];
}

export const EMPTY_SET: SetDraft = {
  id: null,
  title: '',
  version: 'A',
  versions: [],
  lines: [],
  sums: [],
  held: [],
};

export const draftOf = (set: KeptSet): SetDraft => {
  const { id, state, title, version, versions, lines, sums } = set;
  return { ...EMPTY_SET, id, state, title, version, versions, lines, sums };
};

/** How many sums come from the lines; typed ones come after them. */
const drawn = (lines: SetLine[]) => lines.reduce((sum, { count }) => sum + count, 0);

/** The line that the sum at a place comes from; −1 for a sum that was typed. */
export function lineAt(lines: SetLine[], place: number): number {
  let end = 0;
  return lines.findIndex(({ count }) => place < (end += count));
}

/** The set without the sum at a place: its line has one fewer. */
export function without(draft: SetDraft, place: number): SetDraft {
  const from = lineAt(draft.lines, place);
  const lines = draft.lines
    .map((line, i) => (i === from ? { ...line, count: line.count - 1 } : line))
    .filter(({ count }) => count > 0);
  return { ...draft, lines, sums: draft.sums.filter((_, i) => i !== place) };
}

/** The set with the sum at a place so many places further on; as far as there are places. */
export function moved(draft: SetDraft, place: number, by: number): SetDraft {
  const to = place + by;
  if (to < 0 || to >= draft.sums.length) {
    return draft;
  }
  const sums = [...draft.sums];
  sums.splice(to, 0, ...sums.splice(place, 1));
  return { ...draft, sums };
}

/** The set with a sum held, or no longer held. */
export function heldOrNot(draft: SetDraft, plain: string): SetDraft {
  const held = draft.held.includes(plain)
    ? draft.held.filter((other) => other !== plain)
    : [...draft.held, plain];
  return { ...draft, held };
}

/** The request for other sums where none is held; `only` names the one to change. */
export function toDraw({ lines, sums, held }: SetDraft, only?: number) {
  const places = sums.slice(0, drawn(lines)).map(({ plain }, place) => ({ plain, place }));
  const staying = places.filter(({ plain, place }) =>
    only === undefined ? held.includes(plain) : place !== only,
  );
  return {
    lines,
    held: Object.fromEntries(staying.map(({ plain, place }) => [place, plain])),
    avoided: sums.map(({ plain }) => plain),
  };
}

/** The request for a set in which no number fact stands out. */
export const toEven = (draft: SetDraft) => ({
  lines: draft.lines,
  sums: toKeep(draft, draft.title).sums,
  held: draft.sums.flatMap(({ plain }, place) => (draft.held.includes(plain) ? [place] : [])),
});

/** The set with its quickest sums first, or in any order; of a lesson each part for itself. */
export function inOrder(draft: SetDraft, how: 'quick' | 'mixed', random = Math.random): SetDraft {
  const rank = new Map(draft.sums.map((sum) => [sum, how === 'quick' ? sum.seconds : random()]));
  const parts = ['OPENER', 'SHOW', 'TOGETHER', 'MISTAKE', 'PRACTISE', 'EXPLAIN', 'HOMEWORK'];
  const key = (sum: SetSum) => parts.indexOf(sum.part) * 1e6 + (rank.get(sum) ?? 0);
  return { ...draft, sums: [...draft.sums].sort((one, other) => key(one) - key(other)) };
}

/** The set with drawn sums in the place of its lines' sums; typed ones stay behind them. */
export function withDrawn(draft: SetDraft, sums: SetSum[]): SetDraft {
  // The purpose of a place in a lesson stays.
  const parted = sums.map((sum, i) => ({ ...sum, part: draft.sums[i]?.part ?? sum.part }));
  return { ...draft, sums: [...parted, ...draft.sums.slice(drawn(draft.lines))] };
}

/** The set with one more line, whose sums come before the typed ones. */
export function withLine(draft: SetDraft, line: SetLine, sums: SetSum[]): SetDraft {
  const end = drawn(draft.lines);
  return {
    ...draft,
    lines: [...draft.lines, { ...line, count: sums.length }],
    sums: [...draft.sums.slice(0, end), ...sums, ...draft.sums.slice(end)],
  };
}

/** The set with sums that were typed; one that stands there already does not come twice. */
export function withTyped(draft: SetDraft, sums: SetSum[]): SetDraft {
  const there = new Set(draft.sums.map(({ plain }) => plain));
  return { ...draft, sums: [...draft.sums, ...sums.filter(({ plain }) => !there.has(plain))] };
}

/** How a set is sent to be kept. */
export const toKeep = ({ lines, sums }: SetDraft, title: string) => ({
  title,
  lines,
  sums: sums.map(({ plain, method, rung, part }) => ({ plain, method, rung, part })),
});

/** The source of a run or handout of the set; its sums are taken as they stand, kept or not. */
export const runOf = (draft: SetDraft, title: string) => ({
  title,
  set: draft.id ?? undefined,
  version: draft.id === null ? undefined : draft.version,
  sums: toKeep(draft, title).sums,
});
