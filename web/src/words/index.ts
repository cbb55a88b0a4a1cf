import { IntlMessageFormat } from 'intl-messageformat';
import en from './en.json';

/** The language of the screens. */
export const LOCALE = 'en-GB';

export type Key = keyof typeof en;

type Values = Record<string, string | number | undefined>;

const READY = new Map<Key, IntlMessageFormat>();

/** What is said under a key, with its fill-ins, in the language of the screens. */
export function t(key: Key, values?: Values): string {
  let message = READY.get(key);
  if (!message) {
    message = new IntlMessageFormat(en[key], LOCALE, undefined, { ignoreTag: true });
    READY.set(key, message);
  }
  const filled = Object.entries(values ?? {}).map(([name, value]) => [name, value ?? '']);
  return String(message.format(Object.fromEntries(filled)));
}

/** Some things as a sentence names them: “1, 3 and 4”. */
export const listed = (things: string[]) =>
  new Intl.ListFormat(LOCALE, { type: 'conjunction' }).format(things);
