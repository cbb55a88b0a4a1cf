import { useLayoutEffect } from 'react';
import { isOnButton } from './pointed';
import { areSingleKeysOn } from './singleKeys';
import { useStable } from './useStable';

/** Whether a key is a letter or a sign by itself, which speech input may type by mistake. */
const isSingleKey = ({ key, altKey }: KeyboardEvent) => !altKey && key.length === 1 && key !== ' ';

/** Handles a key; true when it was used up. */
type KeyHandler = (key: string, event: KeyboardEvent) => boolean;

/**
 * Whether keys belong to the focused element: a field takes all. A button takes the space bar if it
 * was reached by keyboard; one that was pressed by mouse or finger leaves it to the screen.
 */
function belongsToFocus(event: KeyboardEvent) {
  const target = event.target instanceof Element ? event.target : null;
  if (target?.closest('[role="dialog"]')) {
    return true;
  }
  if (target?.closest('input, textarea, select')) {
    return !event.altKey;
  }
  return event.key === ' ' && isOnButton(event);
}

/** Listens for keys on the whole screen, except those for a field or a dialog. */
export function useKeys(handler: KeyHandler) {
  const handle = useStable(handler);
  // Before the next key can come, so that none is lost.
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const off = isSingleKey(event) && !areSingleKeysOn();
      const foreign = off || event.ctrlKey || event.metaKey || event.defaultPrevented;
      if (!foreign && !belongsToFocus(event) && handle(event.key, event)) {
        event.preventDefault();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [handle]);
}
