import type { Middleware } from 'openapi-fetch';

/** The status of an answer that says that another class is the current one. */
const OTHER_CLASS = 412;

/** The class that the screens show, and what is to be done when it is not the current one. */
interface Shown {
  id: () => number | undefined;
  follow: () => void;
}

let shown: Shown = { id: () => undefined, follow: () => undefined };

/** Has all requests name the class that the screens show. */
export function showClass(of: Shown) {
  shown = of;
}

/** Names the class with each request: another window may have chosen another one meanwhile. */
export const OF_CLASS: Middleware = {
  onRequest: ({ request }) => {
    const id = shown.id();
    if (id !== undefined) {
      request.headers.set('Bemble-Class', String(id));
    }
  },
  onResponse: ({ response }) => {
    if (response.status === OTHER_CLASS) {
      shown.follow();
    }
  },
};
