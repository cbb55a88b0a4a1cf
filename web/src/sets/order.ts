/** A thing with a place in a row. */
interface Placed {
  id: string;
}

/** The thing before another; empty for the first. */
export const behind = (row: Placed[], id: string) =>
  row[row.findIndex((each) => each.id === id) - 1]?.id ?? '';

/** The thing before it after a move by one place; undefined at the end of the row. */
export function behindMoved(row: Placed[], id: string, by: 1 | -1): string | undefined {
  const target = row[row.findIndex((each) => each.id === id) + by];
  return target && behindDropped(row, id, target.id);
}

/** The thing before it once it takes the place of another; undefined where it stays. */
export function behindDropped(row: Placed[], id: string, on: string): string | undefined {
  const from = row.findIndex((each) => each.id === id);
  const to = row.findIndex((each) => each.id === on);
  if (from < 0 || to < 0 || from === to) {
    return undefined;
  }
  return from < to ? on : behind(row, on);
}
