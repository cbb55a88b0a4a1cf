/** How long after its answer the same request is taken for the second half of a double press. */
const DOUBLE_MS = 500;

/** The name of the key that Bemble takes once. */
const KEY = 'Bemble-Request';

interface Sent {
  what: string;
  answer: Promise<Response>;
}

type Send = (request: Request) => Promise<Response>;

/**
 * Sends each change once. The same change again, before its answer or in the same double press,
 * gets the answer to the first; sent again because no answer came, it has the key of the first, so
 * that Bemble does not do it a second time.
 */
export function onceOnly(send: Send): Send {
  /** The latest change at each address. */
  const latest = new Map<string, Sent>();
  const unanswered = new Map<string, string>();
  return async (request) => {
    if (request.method === 'GET' || isFile(request)) {
      return send(request);
    }
    const address = `${request.method} ${request.url}`;
    const body = await request.clone().text();
    const what = `${address} ${body}`;
    const before = latest.get(address);
    if (before?.what === what) {
      return (await before.answer).clone();
    }
    const key = unanswered.get(what) ?? crypto.randomUUID();
    unanswered.set(what, key);
    // A body that was read goes out as a stream of unknown length; the text goes out as before.
    const keyed = new Request(request, body === '' ? {} : { body });
    keyed.headers.set(KEY, key);
    const sent: Sent = { what, answer: send(keyed) };
    latest.set(address, sent);
    const forget = () => latest.get(address) === sent && latest.delete(address);
    try {
      const answer = await sent.answer;
      unanswered.delete(what);
      // What was deleted and brought back may be deleted again at once.
      setTimeout(forget, request.method === 'DELETE' ? 0 : DOUBLE_MS);
      return answer.clone();
    } catch (trouble) {
      forget();
      throw trouble;
    }
  };
}

const isFile = (request: Request) =>
  request.headers.get('Content-Type')?.startsWith('application/zip') ?? false;
