import { useState } from 'react';
import type { Done } from '../hand/strokes';

const STORE = 'bemble.board.';

/**
 * The strokes of a class beside a sum: they are there when its page is opened again, in this tab of
 * the browser. A component that uses it stays with one sum.
 */
export function useKeptStrokes(problem: string): [Done[], (more: Done[]) => void] {
  const [strokes, setStrokes] = useState(() => kept(problem));
  // By the strokes of before, since two keys may come before the first of them is drawn.
  const add = (more: Done[]) =>
    setStrokes((before) => {
      const all = [...before, ...more];
      sessionStorage.setItem(STORE + problem, JSON.stringify(all));
      return all;
    });
  return [strokes, add];
}

function kept(problem: string): Done[] {
  try {
    const strokes: unknown = JSON.parse(sessionStorage.getItem(STORE + problem) ?? '[]');
    return Array.isArray(strokes) ? (strokes as Done[]) : [];
  } catch {
    return [];
  }
}
