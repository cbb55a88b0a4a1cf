import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from './client';
import { Trouble } from './taken';
import { showClass } from './ofClass';

// Before the client is made, which keeps the browser's fetch.
const answers = vi.hoisted(() => {
  const fetched = vi.fn<(request: Request) => Promise<Response>>();
  // The client asks under its own address, which only a browser has.
  class OwnRequest extends Request {
    constructor(input: string | URL | Request, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://127.0.0.1:8080') : input, init);
    }
  }
  vi.stubGlobal('Request', OwnRequest);
  vi.stubGlobal('fetch', fetched);
  return fetched;
});

function json(status: number, body: unknown) {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': status < 400 ? 'application/json' : 'application/problem+json' },
  });
}

async function trouble(call: Promise<unknown>): Promise<Trouble> {
  const thrown: unknown = await call.then(
    () => undefined,
    (reason: unknown) => reason,
  );
  expect(thrown).toBeInstanceOf(Trouble);
  return thrown as Trouble;
}

afterEach(() => answers.mockReset());

describe('an answer', () => {
  it('is given as it came', async () => {
    answers.mockResolvedValue(json(200, [{ id: 7, problem: '46 + 38' }]));
    expect(await api.attempts()).toEqual([{ id: 7, problem: '46 + 38' }]);
  });

  it('without a body is nothing', async () => {
    answers.mockResolvedValue(new Response(null, { status: 204 }));
    expect(await api.remove(7)).toBeUndefined();
  });
});

describe('a refusal', () => {
  it('is its sentence, and where in the line it is', async () => {
    const detail = 'There is a second point.';
    answers.mockResolvedValue(json(422, { detail, from: 3, to: 4, meant: '1.2 + 4' }));
    const refused = await trouble(api.work({ plain: '1.2.3 + 4' }));
    expect(refused.message).toBe(detail);
    expect([refused.from, refused.to, refused.meant]).toEqual([3, 4, '1.2 + 4']);
    expect(refused.isForNow).toBe(false);
  });

  it('without a sentence says that Bemble does not answer, but it was reached', async () => {
    answers.mockResolvedValue(json(500, {}));
    const refused = await trouble(api.classes());
    expect(refused.message).toContain('does not answer');
    expect(refused.isForNow).toBe(false);
  });
});

describe('what was done before Bemble was started anew', () => {
  it('has the screens ask for all that they show', async () => {
    const follow = vi.fn();
    showClass({ id: () => undefined, follow });
    answers.mockResolvedValue(json(409, { type: 'urn:bemble:stale', detail: 'Changed' }));
    await trouble(api.addClass({ name: 'Cold Frame' }));
    expect(follow).not.toHaveBeenCalled();
    answers.mockResolvedValue(json(409, { type: 'urn:bemble:done-before', detail: 'Done' }));
    expect((await trouble(api.addClass({ name: 'Potting Shed' }))).message).toBe('Done');
    expect(follow).toHaveBeenCalledOnce();
  });
});

describe('an app that is stopped', () => {
  it('is out of reach, so that what was sent may be sent once more', async () => {
    answers.mockRejectedValue(new TypeError('fetch failed'));
    const stopped = await trouble(api.write(7, []));
    expect(stopped.message).toContain('Is it still running?');
    expect(stopped.isForNow).toBe(true);
  });
});

describe('an app that is being stopped', () => {
  it('may be sent the same again, since Bemble itself has refused nothing', async () => {
    answers.mockResolvedValue(json(400, { type: 'urn:bemble:no-request', detail: 'Not now' }));
    expect((await trouble(api.write(7, []))).isForNow).toBe(true);
    answers.mockResolvedValue(json(408, { type: 'urn:bemble:cut-off', detail: 'Cut off' }));
    expect((await trouble(api.write(7, []))).isForNow).toBe(true);
    answers.mockResolvedValue(json(400, { type: 'urn:bemble:unreadable', detail: 'No' }));
    expect((await trouble(api.write(7, []))).isForNow).toBe(false);
  });
});

describe('a sum', () => {
  it('is sent as one thing, whatever is asked about it', async () => {
    const sum = { plain: '57 × 38', method: 'column' };
    answers.mockImplementation(() => Promise.resolve(json(200, {})));
    await api.work(sum);
    await api.keep({ sum, title: 'Bulbs' });
    await api.pupil(sum, ['no-placeholder']);
    await api.checkWorking(sum, { 'ANSWER 0': '2166' });
    const sent = await Promise.all(
      answers.mock.calls.map(([request]) => request.json() as Promise<{ sum?: unknown }>),
    );
    expect(sent[0]).toEqual(sum);
    expect(sent.slice(1).map((body) => body.sum)).toEqual([sum, sum, sum]);
  });
});
