/** Things that wait to be sent, by the page or handout that they belong to. */
export interface Waiting<Each> {
  of: (id: number) => Each[];
  keep: (id: number, waiting: Each[]) => void;
  /** All numbers with things that wait. */
  ids: () => number[];
}

/** Keeps things that wait to be sent when a page is loaded anew in this tab of the browser. */
export function waitingIn<Each>(store: string): Waiting<Each> {
  const name = `bemble.waiting.${store}.`;
  return {
    of: (id) => {
      try {
        return JSON.parse(sessionStorage.getItem(name + id) ?? '[]') as Each[];
      } catch {
        return [];
      }
    },
    keep: (id, waiting) => {
      if (waiting.length > 0) {
        sessionStorage.setItem(name + id, JSON.stringify(waiting));
      } else {
        sessionStorage.removeItem(name + id);
      }
    },
    ids: () =>
      Object.keys(sessionStorage)
        .filter((key) => key.startsWith(name))
        .map((key) => Number(key.slice(name.length))),
  };
}
