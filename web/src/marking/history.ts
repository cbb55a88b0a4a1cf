import { useEffect, useState } from 'react';
import type { Change } from './changes';

/** The most changes that a reload of the page leaves. */
const MOST = 500;

const KEY = 'bemble.undo.';

const read = (id: number): Change[][] =>
  JSON.parse(sessionStorage.getItem(KEY + id) ?? '[]') as Change[][];

/** The end of a history, with as many changes as are kept; changes made together stay together. */
export function endOf(history: Change[][], most = MOST): Change[][] {
  let changes = 0;
  const before = history.findLastIndex((done) => {
    changes += done.length;
    return changes > most;
  });
  return history.slice(before + 1);
}

/**
 * The changes to the answers of a handout, the last at the end. They outlive a reload of the page
 * in this tab of the browser.
 */
export function useHistory(id: number) {
  const [history, setHistory] = useState(() => read(id));
  useEffect(() => {
    sessionStorage.setItem(KEY + id, JSON.stringify(endOf(history)));
  }, [id, history]);
  return [history, setHistory] as const;
}
