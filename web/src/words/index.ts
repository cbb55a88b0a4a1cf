import { IntlMessageFormat } from 'intl-messageformat';
import en from './en.json';

export type Key = keyof typeof en;

type Values = Record<string, string | number | undefined>;

const READY = new Map<Key, IntlMessageFormat>();

/** What is said under a key, with its fill-ins, in the language of the screens. */
export function t(key: Key, values?: Values): string {
  let message = READY.get(key);
  if (!message) {
    message = new IntlMessageFormat(en[key], 'en', undefined, { ignoreTag: true });
    READY.set(key, message);
  }
  const filled = Object.entries(values ?? {}).map(([name, value]) => [name, value ?? '']);
  return String(message.format(Object.fromEntries(filled)));
}
