import { IntlMessageFormat } from 'intl-messageformat';
import { afterEach, describe, expect, it } from 'vitest';
import en from './en.json';
import { either, LOCALE, speak, t } from './index';

describe('the catalogue', () => {
  it('has messages that can be said', () => {
    for (const [key, message] of Object.entries(en)) {
      expect(message.trim(), key).not.toBe('');
      const said = () => new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true });
      expect(said, key).not.toThrow();
    }
  });
});

/** All code of the screens, in which the keys stand. */
const CODE = Object.values(
  import.meta.glob<string>('../**/*.{ts,tsx}', { query: '?raw', import: 'default', eager: true }),
).join('\n');

describe('the keys', () => {
  it('share no text', () => {
    const texts = Object.values(en);
    expect(texts.filter((text, at) => texts.indexOf(text) !== at)).toEqual([]);
  });

  it('are said somewhere, and tell what they are', () => {
    const keys = Object.keys(en);
    expect(keys.filter((key) => !CODE.includes(`'${key}'`))).toEqual([]);
    expect(keys.filter((key) => /-[2-9]$/.test(key) && !/to-9$/.test(key))).toEqual([]);
  });
});

describe('t', () => {
  it('fills in, and leaves out what is not there', () => {
    expect(t('slate.slip', { name: 'a; b' })).toContain('a; b');
    expect(t('sets.is-kept', { title: 'Beds' })).toBe('“Beds” is kept.');
    expect(t('sets.is-kept', { title: undefined })).toBe('“” is kept.');
  });
});

describe('speak', () => {
  afterEach(() => speak({ language: 'en', messages: {} }));

  it('says in another language what it has, and the rest in English', () => {
    expect(t('common.undo')).toBe('Undo');
    speak({ language: 'de', messages: { 'common.undo': 'Zurück' } });
    expect(t('common.undo')).toBe('Zurück');
    expect(t('common.redo')).toBe('Redo');
    expect(either(['3', '4'])).toBe('3 oder 4');
    speak({ language: 'en', messages: {} });
    expect([t('common.undo'), LOCALE]).toEqual(['Undo', 'en-GB']);
  });
});
