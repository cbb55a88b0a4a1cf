import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { addressOf, isSamePage, isStillAt, namedBy } from './address';
import type { Desk } from './deskReducer';
import { keepLaid, lastLaid, type Laid } from './laid';

/** The views that show the sum on the desk. */
const VIEWS = ['/desk', '/board'];

/** A held key turns many steps; the address follows when it rests. */
const REST = 200;

/**
 * Keeps the address and the desk together: another sum is another entry of the browser's history, a
 * step is not, and the sum of an address is laid on the desk. `busy` is whether a page is on its
 * way.
 */
export function useDeskAddress(desk: Desk, busy: boolean, lay: (laid: Laid) => void) {
  const { pathname, search, state, key } = useLocation();
  const navigate = useNavigate();
  const isView = VIEWS.includes(pathname);
  const { working, step, page } = desk;
  const laid: Laid | null = working && { sum: working.sum, step, page };
  const text = JSON.stringify(laid);
  const started = useRef(false);
  /** The working on the desk when the address asked for another. */
  const before = useRef<Desk['working'] | undefined>(undefined);

  useEffect(() => {
    const named = isView ? ((state as Laid | null) ?? namedBy(search)) : null;
    const asked = started.current ? named : atStart(named, state !== null || isReload());
    started.current = true;
    if (asked && !(laid && isSamePage(asked, laid))) {
      before.current = working;
      lay(asked);
    }
    // A page is laid when the address changes, not when the page itself does.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);

  useEffect(() => {
    const waiting = before.current === working || busy;
    if (!laid || waiting) {
      return undefined;
    }
    keepLaid(laid);
    if (!isView || text === JSON.stringify(state)) {
      return undefined;
    }
    const samePage = isSamePage(laid, namedBy(search));
    const replace = samePage || search === '' || before.current !== undefined;
    before.current = undefined;
    const turn = () => {
      if (isStillAt({ pathname, search })) {
        void navigate({ search: addressOf(laid) }, { replace, state: laid });
      }
    };
    if (!samePage) {
      turn();
      return undefined;
    }
    const resting = setTimeout(turn, REST);
    return () => clearTimeout(resting);
    // `text` stands for what is laid.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [text, key, busy]);
}

/**
 * The sum that is laid first: the one of the address, at the step last seen if it was here before.
 */
function atStart(named: Laid | null, wasHere: boolean): Laid | null {
  const last = lastLaid();
  return named && last && wasHere && isSamePage(last, named) ? last : (named ?? last);
}

/** Whether the page was loaded again; a state that was set just before may be lost by that. */
function isReload(): boolean {
  const [entry] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return entry?.type === 'reload';
}
