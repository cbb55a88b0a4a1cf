/** Takes the focus to the page that is shown, past the line and its signs, unless it is there. */
export function toPage() {
  const page = document.querySelector<HTMLElement>('main');
  if (!page?.contains(document.activeElement)) {
    page?.setAttribute('tabindex', '-1');
    page?.focus();
  }
}
