import type { Laid } from './laid';

/** The query of the address of a sum on the desk: the sum, its ways, and the step. */
export function addressOf({ sum, step, page }: Laid): string {
  const query = new URLSearchParams({ sum: sum.plain });
  const further = { method: sum.method, check: sum.check, page: page?.id, step };
  for (const [name, value] of Object.entries(further)) {
    if (value !== undefined) {
      query.set(name, String(value));
    }
  }
  return `?${query}`;
}

/** The sum that the query of an address names, if any. A kept page is named by its number. */
export function namedBy(search: string): Laid | null {
  const query = new URLSearchParams(search);
  const plain = query.get('sum');
  if (!plain) {
    return null;
  }
  const page = whole(query.get('page'));
  return {
    sum: {
      plain,
      method: query.get('method') ?? undefined,
      check: query.get('check') ?? undefined,
    },
    step: whole(query.get('step')) ?? 0,
    page: page === undefined ? null : { id: page, title: '' },
  };
}

/** Whether two are the same page in the same way, at whatever step. */
export function isSamePage(one: Laid, other: Laid | null): boolean {
  return other !== null && addressOf({ ...one, step: 0 }) === addressOf({ ...other, step: 0 });
}

/**
 * Whether the browser is still at the address that a screen was drawn for. A new address is there
 * at once, while the old screen is drawn until the new one has come; the old one must not change
 * the address back.
 */
export function isStillAt(drawn: { pathname: string; search: string }): boolean {
  return location.pathname === drawn.pathname && location.search === drawn.search;
}

function whole(text: string | null): number | undefined {
  return text !== null && /^\d{1,9}$/.test(text) ? Number(text) : undefined;
}
