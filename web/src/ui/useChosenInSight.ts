import { useEffect, type RefObject } from 'react';

/** Brings the chosen element within a frame into sight whenever the choice has changed. */
export function useChosenInSight(frame: RefObject<HTMLElement | null>, choice: unknown) {
  useEffect(() => {
    frame.current
      ?.querySelector('[aria-selected="true"]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [frame, choice]);
}
