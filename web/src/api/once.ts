/** How long after its answer the same request is taken for the second half of a double press. */
const DOUBLE_MS = 500;

/** The status of a refusal that would be the same a moment later. */
const REFUSED = 422;

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
  let latest: Sent | undefined;
  const unanswered = new Map<string, string>();
  return async (request) => {
    if (request.method === 'GET' || isFile(request)) {
      return send(request);
    }
    const body = await request.clone().text();
    const what = `${request.method} ${request.url} ${body}`;
    if (latest?.what === what) {
      return (await latest.answer).clone();
    }
    const key = unanswered.get(what) ?? crypto.randomUUID();
    unanswered.set(what, key);
    // A body that was read goes out as a stream of unknown length; the text goes out as before.
    const keyed = new Request(request, body === '' ? {} : { body });
    keyed.headers.set(KEY, key);
    const sent: Sent = { what, answer: send(keyed) };
    latest = sent;
    const forget = () => {
      latest = latest === sent ? undefined : latest;
    };
    try {
      const answer = await sent.answer;
      unanswered.delete(what);
      if (answer.ok || answer.status === REFUSED) {
        setTimeout(forget, DOUBLE_MS);
      } else {
        forget();
      }
      return answer.clone();
    } catch (trouble) {
      forget();
      throw trouble;
    }
  };
}

const isFile = (request: Request) =>
  /^application\/(zip|octet-stream)/.test(request.headers.get('Content-Type') ?? '');
