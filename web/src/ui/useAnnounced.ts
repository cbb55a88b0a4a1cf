import { useEffect } from 'react';

let region: HTMLElement | undefined;

/**
 * Makes the one region that screen readers listen to; it is there before anything is said in it.
 */
export function mountAnnouncer() {
  region = document.createElement('div');
  region.setAttribute('role', 'status');
  region.dataset.testid = 'announced';
  Object.assign(region.style, {
    position: 'absolute',
    width: '1px',
    height: '1px',
    overflow: 'hidden',
    clipPath: 'inset(50%)',
    whiteSpace: 'nowrap',
  });
  document.body.append(region);
}

/** Has a screen reader say a text whenever it has changed. */
export function useAnnounced(text: string | undefined) {
  useEffect(() => {
    if (region && text !== undefined) {
      region.textContent = text;
    }
  }, [text]);
}
