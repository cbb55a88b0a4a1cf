import { useEffect } from 'react';
import { useStable } from './useStable';

/** Hears Ctrl+Z if neither a typed text nor the screen has a use for it. */
export function useUndoKey(undo: () => void) {
  const handle = useStable(undo);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const isTyped = event.target instanceof Element && event.target.closest('input, textarea');
      if ((event.ctrlKey || event.metaKey) && !event.shiftKey && event.key === 'z' && !isTyped) {
        // The screen may listen after this.
        setTimeout(() => event.defaultPrevented || handle());
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [handle]);
}
