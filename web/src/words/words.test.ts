import { IntlMessageFormat } from 'intl-messageformat';
import { describe, expect, it } from 'vitest';
import en from './en.json';
import { t } from './index';

describe('the catalogue', () => {
  it('has messages that can be said', () => {
    for (const [key, message] of Object.entries(en)) {
      expect(message.trim(), key).not.toBe('');
      const said = () => new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true });
      expect(said, key).not.toThrow();
    }
  });
});

describe('t', () => {
  it('fills in, and leaves out what is not there', () => {
    expect(t('slate.slip', { name: 'a; b' })).toContain('a; b');
    expect(t('sets.is-kept', { title: 'Beds' })).toBe('“Beds” is kept.');
    expect(t('sets.is-kept', { title: undefined })).toBe('“” is kept.');
  });
});
