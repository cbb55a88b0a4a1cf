let pointed: Element | null = null;

/** The button or link that an event belongs to. */
const buttonOf = ({ target }: Event) =>
  target instanceof Element ? target.closest('button, a') : null;

/** Notes which button was pressed by mouse or finger. The Tab key ends that. */
export function watchPointer() {
  window.addEventListener('pointerdown', (event) => (pointed = buttonOf(event)), true);
  window.addEventListener(
    'keydown',
    (event) => {
      if (event.key === 'Tab') {
        pointed = null;
      }
    },
    true,
  );
}

/** Whether a key goes to a button that was reached by keyboard. */
export function isOnButton(event: KeyboardEvent): boolean {
  const button = buttonOf(event);
  return button !== null && button !== pointed;
}

/** A button that takes the place of one pressed by mouse or finger leaves keys to the screen, too. */
export function takePointer(from: Element, to: Element) {
  if (pointed === from) {
    pointed = to;
  }
}
