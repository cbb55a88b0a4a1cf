import { IntlMessageFormat } from 'intl-messageformat';
import { describe, expect, it } from 'vitest';
import en from './en.json';
import { t } from './index';

describe('the catalogue', () => {
  it.each(Object.entries(en))('%s can be said', (_, message) => {
    expect(message.trim()).not.toBe('');
    expect(
      () => new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true }),
    ).not.toThrow();
  });
});

describe('t', () => {
  it('fills in, and leaves out what is not there', () => {
    expect(t('slate.or', { join: 'a; b' })).toContain('a; b');
    expect(t('sets.is-kept', { title: 'Beds' })).toBe('“Beds” is kept.');
    expect(t('sets.is-kept', { title: undefined })).toBe('“” is kept.');
  });
});
