/** A screen with a book and a bar below it. */
export const SCREEN = {
  minHeight: 0,
  minWidth: 0,
  display: 'grid',
  gridTemplateRows: 'minmax(0, 1fr) auto',
  gridTemplateColumns: 'minmax(0, 1fr)',
};

/** The open exercise book that most screens are. */
export const BOOK = {
  minHeight: 0,
  display: 'grid',
  gridTemplateRows: { xs: 'minmax(0, 3fr) minmax(0, 2fr)', md: 'minmax(0, 1fr)' },
  bgcolor: 'background.paper',
  borderRadius: '12px 4px 4px 12px',
  overflow: 'hidden',
  boxShadow: 1,
};

/** The columns of its two pages, the left one a little wider. */
export const PAGES = { xs: 'minmax(0, 1fr)', md: 'minmax(0, 4fr) minmax(0, 3fr)' };

/** A left page with a head, and a part that fills the rest. */
export const LEFT_PAGE = {
  minHeight: 0,
  minWidth: 0,
  display: 'grid',
  gridTemplateRows: 'auto minmax(0, 1fr)',
  gap: 1,
  px: { xs: 1, md: 2 },
  py: 1.25,
};

/** The parts of a page, one below the other; long pages scroll. */
export const COLUMN = {
  minHeight: 0,
  minWidth: 0,
  overflow: 'auto',
  display: 'flex',
  flexDirection: 'column',
  gap: 1.5,
  px: { xs: 2, md: 3 },
  py: 1.5,
} as const;

/** The right page's inside edge. */
export const RIGHT_PAGE = {
  minHeight: 0,
  minWidth: 0,
  borderLeft: { md: 10 },
  borderTop: { xs: 6, md: 0 },
  borderColor: { xs: 'ink.tab', md: 'background.default' },
};

/** The bar below the book. */
export const BAR = {
  display: 'flex',
  alignItems: 'center',
  // Two lines of the buttons pressed most have room side by side on a phone.
  gap: { xs: 0.75, sm: 1.25 },
  minHeight: 72,
  // On a tablet there is a second line.
  flexWrap: { xs: 'wrap', md: 'nowrap' },
  py: { xs: 1, md: 0 },
  minWidth: 0,
  '& .MuiButton-root': { px: { xs: 1.25, sm: 1.75 } },
  '@media print': { display: 'none !important' },
};

/** A view whose buttons are pressed by fingers, including those on the paper. */
export const FOR_FINGERS = { '& .MuiButton-root': { minHeight: 44, minWidth: 44 } };
