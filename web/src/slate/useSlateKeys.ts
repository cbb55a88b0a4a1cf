import { useLayoutEffect } from 'react';

interface SlateKeys {
  write: (digit: string, small: boolean) => void;
  act: (key: string) => boolean;
  turn: (which: 'undo' | 'redo') => void;
  handIn: () => void;
}

/** The keys of the Slate, those with Ctrl among them; a field or a dialog keeps its own. */
export function useSlateKeys({ write, act, turn, handIn }: SlateKeys) {
  // Before the next key can come, so that it meets the page as it is then.
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target instanceof Element ? event.target : null;
      if (
        event.defaultPrevented ||
        event.altKey ||
        target?.closest('[role="dialog"], input, textarea, select')
      ) {
        return;
      }
      if (handled(event)) {
        event.preventDefault();
      }
    };
    const handled = (event: KeyboardEvent): boolean => {
      if (event.ctrlKey || event.metaKey) {
        const ctrl: Record<string, () => void> = {
          Enter: handIn,
          z: () => turn('undo'),
          y: () => turn('redo'),
        };
        ctrl[event.key]?.();
        return event.key in ctrl;
      }
      const digit = /^(Digit|Numpad)\d$/.test(event.code) ? event.code.slice(-1) : undefined;
      if (digit !== undefined) {
        write(digit, event.shiftKey);
        return true;
      }
      if (/^[+\-×x*÷√.,]$/.test(event.key)) {
        write({ '-': '−', x: '×', '*': '×' }[event.key] ?? event.key, false);
        return true;
      }
      const onButton = event.target instanceof Element && event.target.closest('button, a');
      return !(event.key === 'Enter' && onButton) && act(event.key);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}
