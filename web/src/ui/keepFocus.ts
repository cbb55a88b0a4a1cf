import { takePointer } from './pointed';

/** The element that had the focus, and where it stood: from its parent outwards. */
interface Held {
  element: Element;
  places: { parent: Element; index: number }[];
}

const REACHED =
  'button:not(:disabled), a[href], input:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

/** The parts that take care of the focus themselves when they close. */
const CLOSED = '[role=dialog], [role=menu], [role=listbox], [role=alert]';

/** The levels around an element up to which its place is known. */
const LEVELS = 14;

/** How long a button may be disabled, by its own action, until the focus goes on, in ms. */
const BUSY_MS = 150;

let held: Held | null = null;

/**
 * Keeps the focus on a useful element: when its element is gone or disabled, the focus goes on to
 * the one in its place, or to the heading of the screen.
 */
export function keepFocus() {
  document.addEventListener('focusin', ({ target }) => {
    held = target instanceof Element ? hold(target) : null;
  });
  document.addEventListener('focusout', ({ target }) =>
    setTimeout(() => {
      // A press beside all elements is no loss.
      if (isOnNothing() && held?.element === target && !isLost(held.element)) {
        held = null;
      }
    }),
  );
  // The second press of two may meet nothing, since the first has moved the element under it.
  document.addEventListener('mousedown', (event) => {
    const met = event.target instanceof Element ? event.target : null;
    if (event.detail > 1 && held && !held.element.contains(met) && !met?.closest(REACHED)) {
      event.preventDefault();
    }
  });
  let looking: Held | undefined;
  const look = (lost: Held) => {
    const isElsewhere = !isOnNothing() && document.activeElement !== lost.element;
    if (held !== lost || isElsewhere) {
      return;
    }
    const to = isLost(lost.element) ? goOnFrom(lost) : (lost.element as HTMLElement);
    if (to) {
      takePointer(lost.element, to);
      to.focus({ preventScroll: true });
    }
  };
  new MutationObserver(() => {
    const lost = held;
    if (!lost || looking === lost || !isLost(lost.element)) {
      return;
    }
    looking = lost;
    const then = () => {
      looking = undefined;
      look(lost);
    };
    if (lost.element.isConnected) {
      setTimeout(then, BUSY_MS);
    } else if (lost.element.closest(CLOSED)) {
      requestAnimationFrame(then);
    } else {
      then();
    }
  }).observe(document.body, {
    subtree: true,
    childList: true,
    attributes: true,
    attributeFilter: ['disabled'],
  });
}

const isOnNothing = () =>
  document.activeElement === null || document.activeElement === document.body;

const isLost = (element: Element) => !element.isConnected || element.matches(':disabled');

function hold(element: Element): Held {
  const places = [];
  let inner = element;
  while (places.length < LEVELS && inner.parentElement && !inner.matches('body, main')) {
    const parent = inner.parentElement;
    places.push({ parent, index: [...parent.children].indexOf(inner) });
    inner = parent;
  }
  return { element, places };
}

/**
 * The element that is where the lost one stood: behind it, before it, around it, or the heading.
 */
function goOnFrom({ element, places }: Held): HTMLElement | undefined {
  for (const { parent, index } of places.filter(({ parent: each }) => each.isConnected)) {
    const children = [...parent.children].filter((child) => child !== element);
    const around = [...children.slice(index), ...children.slice(0, index).toReversed()];
    const found = parent.matches('body, main') ? undefined : around.map(reached).find(Boolean);
    if (found) {
      return found;
    }
  }
  return heading();
}

/** Whether an element is seen. A folded one has a place, but is not. */
const isShown = (element: Element) => element.checkVisibility();

function reached(within: Element): HTMLElement | undefined {
  const all = [within, ...within.querySelectorAll(REACHED)] as HTMLElement[];
  return all.find((each) => each.matches(REACHED) && isShown(each));
}

function heading(): HTMLElement | undefined {
  const found = ['main h2', 'main', 'h1']
    .flatMap((what) => [...document.querySelectorAll<HTMLElement>(what)])
    .find(isShown);
  found?.setAttribute('tabindex', '-1');
  return found;
}
