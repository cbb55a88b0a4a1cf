import { useLayoutEffect } from 'react';
import { isOnButton } from '../ui/pointed';
import { areSingleKeysOn } from '../ui/singleKeys';

interface Hand {
  write: (sign: string, small: boolean) => void;
  act: (key: string) => boolean;
  turn: (which: 'undo' | 'redo') => void;
  /** The action of Ctrl and Enter, on a page that may be handed in. */
  handIn?: () => void;
  /** Turns the stopping at squares for small figures on and off. */
  aids?: () => void;
}

/** The keys that write on a sheet, including those with Ctrl; fields and dialogs keep their own. */
export function useWritingKeys({ write, act, turn, handIn, aids }: Hand) {
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
    const turning: Record<string, () => void> = {
      z: () => turn('undo'),
      y: () => turn('redo'),
    };
    const handled = (event: KeyboardEvent): boolean => {
      if (event.ctrlKey || event.metaKey) {
        const ctrl: Record<string, (() => void) | undefined> = { ...turning, Enter: handIn };
        ctrl[event.key]?.();
        return ctrl[event.key] !== undefined;
      }
      const digit = /^(Digit|Numpad)\d$/.test(event.code) ? event.code.slice(-1) : undefined;
      if (digit !== undefined) {
        write(digit, event.shiftKey);
        return true;
      }
      if (/^[+\-×x*÷=√.,]$/.test(event.key)) {
        write({ '-': '−', x: '×', '*': '×' }[event.key] ?? event.key, false);
        return true;
      }
      if (event.key === 's' && aids && areSingleKeysOn()) {
        aids();
        return true;
      }
      const turned = turning[event.key];
      if (turned) {
        turned();
        return true;
      }
      return !(event.key === 'Enter' && isOnButton(event)) && act(event.key);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}
