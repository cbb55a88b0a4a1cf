/** The parts of a screen that are not printed. */
const OF_THE_SCREEN = [
  '.MuiButton-outlined:not([aria-pressed="true"])',
  '.MuiButton-contained',
  '[role=group] > .MuiButton-text',
  '[role=toolbar]',
  '.MuiSnackbar-root',
  'form',
  'main .MuiTextField-root',
  '.screen-only',
].join(', ');

/**
 * How any view is printed: its content in ink on white, whole and not only the part that a screen
 * has room for, without buttons. The chosen one of several choices stays, as a word.
 */
export const PRINTED = {
  '@page': { margin: '12mm' },
  '@media print': {
    'html, body, #root, main, main > *, main > * > *': {
      height: 'auto !important',
      minHeight: '0 !important',
    },
    'main, main > :not(ul)': {
      display: 'block !important',
      boxShadow: 'none !important',
      borderRadius: '0 !important',
      border: 'none !important',
    },
    'body, body *': {
      overflow: 'visible !important',
      contentVisibility: 'visible !important',
    },
    // Stronger than the ring of the focus.
    'body :not(#root)': { outline: 'none !important' },
    'main *': { maxHeight: 'none !important' },
    [OF_THE_SCREEN]: { display: 'none !important' },
    '.MuiButton-outlined[aria-pressed="true"]': {
      border: 'none !important',
      background: 'none !important',
      color: 'inherit !important',
      minHeight: '0 !important',
      padding: '0 8px 0 0 !important',
    },
    // A single thing stays on one sheet.
    'svg, img, li, [role=row], h2, h3, .together > *': { breakInside: 'avoid' },
    'h2, h3': { breakAfter: 'avoid' },
    '[role=columnheader], [role=rowheader]': { position: 'static !important' },
    // Paper has the squares that its work needs, and no more height than leaves room for the words.
    'main [data-testid=paper]': { maxWidth: '100%', height: 'auto', maxHeight: '56vh !important' },
  },
} as const;
