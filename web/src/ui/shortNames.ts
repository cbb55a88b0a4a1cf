/** How many letters of a name stand at the beginning of one that is shortened in the middle. */
const BEGINNING = 3;

/**
 * Names as they stand in a narrow column: of one that is too long its beginning, and where another
 * begins alike, its first letters and some by which it is told from the others.
 */
export function shortNames(names: string[], room: number): string[] {
  return names.map((name) => {
    if (name.length <= room) {
      return name;
    }
    const others = names.filter((other) => other !== name);
    const beginning = name.slice(0, room - 1);
    return others.some((other) => other.startsWith(beginning))
      ? shortenedWithin(name, others, room)
      : `${beginning}…`;
  });
}

function shortenedWithin(name: string, others: string[], room: number): string {
  const first = name.slice(0, BEGINNING);
  const alike = others.filter((other) => other.startsWith(first));
  const length = room - BEGINNING - 2;
  // From the end on: names of a family differ less there than they do at the beginning.
  const starts = Array.from({ length: name.length - length + 1 }, (_, back) => back).reverse();
  const tells = (from: number) =>
    alike.every((other) => !other.includes(name.slice(from, from + length)));
  const from = starts.find(tells) ?? name.length - length;
  return `${first}…${name.slice(from, from + length)}${from + length < name.length ? '…' : ''}`;
}
