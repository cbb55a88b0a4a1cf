// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from 'vitest';
import type { Stroke } from '../api/types';
import { seatLink } from './seatLink';

// The client asks under its own address, which only a browser has.
class OwnRequest extends Request {
  constructor(input: string | URL | Request, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://10.0.0.2:8686') : input, init);
  }
}
vi.stubGlobal('Request', OwnRequest);

afterEach(() => sessionStorage.clear());

const stroke = (number: number): Stroke => ({
  number,
  millis: 5,
  kind: 'FIGURE',
  row: 1,
  column: 1,
  text: '4',
});

it('keeps what waits, page by page, until nothing waits', () => {
  const link = seatLink('tok');
  link.waiting.keep(5, [stroke(0), stroke(1)]);
  link.waiting.keep(6, [stroke(0)]);
  expect(seatLink('tok').waiting.of(5)).toHaveLength(2);
  link.waiting.keep(5, []);
  expect(link.waiting.of(5)).toEqual([]);
  expect(link.waiting.of(6)).toHaveLength(1);
});

it('sends what waits of other pages, and forgets what is refused', async () => {
  const statuses = [429, 204, 409];
  const sent: string[] = [];
  vi.stubGlobal('fetch', (request: Request) => {
    sent.push(new URL(request.url).pathname);
    const status = statuses.shift() ?? 204;
    return Promise.resolve(new Response(status === 204 ? null : '{}', { status }));
  });
  const link = seatLink('tok');
  [5, 6, 7].forEach((page) => link.waiting.keep(page, [stroke(0)]));
  await link.sendLeft(6);
  expect(link.waiting.of(5)).toHaveLength(1);
  expect(link.waiting.of(7)).toEqual([]);
  await link.sendLeft(6);
  expect(link.waiting.of(5)).toEqual([]);
  expect(link.waiting.of(6)).toHaveLength(1);
  expect(sent).toEqual([5, 7, 5].map((page) => `/room/pages/${page}/strokes`));
});

it('takes damaged leavings for none', () => {
  sessionStorage.setItem('bemble.waiting.seat.5', '{');
  expect(seatLink('tok').waiting.of(5)).toEqual([]);
});
