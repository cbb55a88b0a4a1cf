import { expect, it } from 'vitest';
import { clock } from './time';

it('tells minutes and seconds', () => {
  expect([0, 9, 60, 100, 3600].map(clock)).toEqual(['0:00', '0:09', '1:00', '1:40', '60:00']);
});
