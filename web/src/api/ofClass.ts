import type { Middleware } from 'openapi-fetch';

/** The status of an answer that says that another class is the current one. */
const OTHER_CLASS = 412;

/** The class that the screens show, and the action when another one is current. */
interface Shown {
  id: () => number | undefined;
  follow: () => void;
}

let shown: Shown = { id: () => undefined, follow: () => undefined };

/** Has all requests name the class that the screens show. */
export function showClass(of: Shown) {
  shown = of;
}

/** Has the screens load everything anew. */
export const askAnew = () => shown.follow();

const NAME = 'Bemble-Class';

/** Has a request name a class of its own: it may come when the screens show another one. */
export const meantFor = (id: number | undefined) =>
  id === undefined ? {} : { headers: { [NAME]: String(id) } };

/** Names the class with each request: another window may have chosen another one meanwhile. */
export const OF_CLASS: Middleware = {
  onRequest: ({ request }) => {
    const id = shown.id();
    if (id !== undefined && !request.headers.has(NAME)) {
      request.headers.set(NAME, String(id));
    }
  },
  onResponse: ({ response }) => {
    if (response.status === OTHER_CLASS) {
      askAnew();
    }
  },
};
