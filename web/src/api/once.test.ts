import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { onceOnly } from './once';

const sent = vi.fn<(request: Request) => Promise<Response>>();
let send = onceOnly(sent);

function change(method: string, path: string, body?: unknown) {
  return new Request('http://127.0.0.1' + path, { method, body: JSON.stringify(body) });
}

const keyOf = (call: number) => sent.mock.calls[call]?.[0].headers.get('Bemble-Request');

beforeEach(() => {
  sent.mockReset().mockImplementation(() => Promise.resolve(new Response('{"id":7}')));
  send = onceOnly(sent);
  vi.useFakeTimers();
});

afterEach(() => vi.useRealTimers());

describe('a change', () => {
  it('is sent once however often it is pressed before its answer', async () => {
    const pressed = [1, 2, 3].map(() => send(change('POST', '/api/sets', { title: 'Beds' })));
    const told = await Promise.all(pressed.map(async (answer) => (await answer).json()));
    expect(told).toEqual([{ id: 7 }, { id: 7 }, { id: 7 }]);
    expect(sent).toHaveBeenCalledTimes(1);
  });

  it('is sent once in a double press that a quick answer divides', async () => {
    await send(change('POST', '/api/sets', {}));
    vi.advanceTimersByTime(499);
    await send(change('POST', '/api/sets', {}));
    expect(sent).toHaveBeenCalledTimes(1);
    vi.advanceTimersByTime(1);
    await send(change('POST', '/api/sets', {}));
    expect(sent).toHaveBeenCalledTimes(2);
    expect(keyOf(1)).not.toEqual(keyOf(0));
  });

  it('is refused once in a double press', async () => {
    sent.mockImplementation(() => Promise.resolve(new Response('{}', { status: 422 })));
    const told = [
      await send(change('POST', '/api/classes', {})),
      await send(change('POST', '/api/classes', {})),
    ];
    expect(told.map(({ status }) => status)).toEqual([422, 422]);
    expect(sent).toHaveBeenCalledTimes(1);
  });

  it('is sent again after another one at the same address', async () => {
    for (const name of ['Neve', 'Bram', 'Neve']) {
      await send(change('PUT', '/api/roll/1', { name }));
    }
    expect(sent).toHaveBeenCalledTimes(3);
  });

  it('is sent again at once where something else was done between', async () => {
    await send(change('DELETE', '/api/sets/1'));
    await send(change('POST', '/api/sets/1/restore'));
    await send(change('DELETE', '/api/sets/1'));
    expect(sent).toHaveBeenCalledTimes(3);
  });

  it('keeps its key until it is answered', async () => {
    sent.mockRejectedValueOnce(new TypeError('no network'));
    await expect(send(change('POST', '/api/sets', {}))).rejects.toThrow('no network');
    await send(change('POST', '/api/sets', {}));
    expect(keyOf(1)).toEqual(keyOf(0));
    expect(keyOf(0)).toMatch(/^[\w-]{36}$/);
  });
});

it('asks as often as it is told to', async () => {
  await Promise.all([1, 2].map(() => send(new Request('http://127.0.0.1/api/sets'))));
  expect(sent).toHaveBeenCalledTimes(2);
});
