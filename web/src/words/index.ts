import { IntlMessageFormat } from 'intl-messageformat';
import en from './en.json';

const ENGLISH = 'en';

/** The language of the screens; English is that of Britain. */
export let LOCALE = 'en-GB';

export type Key = keyof typeof en;

const READY = new Map<Key, IntlMessageFormat>();

/** The words of the screens in one language; none in English, which is here. */
interface ScreenWords {
  language: string;
  messages: Partial<Record<Key, string>>;
}

let translated: Partial<Record<Key, string>> = {};

/** Takes another language; sentences that it lacks are said in English. */
export function speak({ language, messages }: ScreenWords) {
  LOCALE = language === ENGLISH ? 'en-GB' : language;
  translated = messages;
  READY.clear();
}

/** The page comes with the words of the language that was asked for. */
function learnt(): ScreenWords | undefined {
  const text = globalThis.document?.getElementById('words')?.textContent.trim();
  return text?.startsWith('{') ? (JSON.parse(text) as ScreenWords) : undefined;
}

const wanted = learnt();
if (wanted) {
  speak(wanted);
}

type Values = Record<string, string | number | undefined>;

/** The sentence under a key, with its fill-ins, in the language of the screens. */
export function t(key: Key, values?: Values): string {
  let message = READY.get(key);
  if (!message) {
    message = new IntlMessageFormat(translated[key] ?? en[key], LOCALE, undefined, {
      ignoreTag: true,
    });
    READY.set(key, message);
  }
  const filled = Object.entries(values ?? {}).map(([name, value]) => [name, value ?? '']);
  return String(message.format(Object.fromEntries(filled)));
}

/** Some things as a sentence names them: “1, 3 and 4”. */
export const listed = (things: string[]) =>
  new Intl.ListFormat(LOCALE, { type: 'conjunction' }).format(things);

/** Some things as alternatives: “1, 3 or 4”. */
export const either = (things: string[]) =>
  new Intl.ListFormat(LOCALE, { type: 'disjunction' }).format(things);
