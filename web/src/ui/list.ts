/** A list whose entries are rows. */
export const LIST = { m: 0, p: 0, listStyle: 'none' } as const;

/** A row of a list; on a phone its title has a line of its own. */
export const ROW = {
  display: 'flex',
  flexWrap: { xs: 'wrap', sm: 'nowrap' },
  alignItems: 'center',
  columnGap: 1.5,
  rowGap: 0.5,
  py: 0.75,
  borderBottom: '1px dotted',
  borderColor: 'ink.edge',
} as const;

/** The title of a row, with the text below it. */
export const ROW_TITLE = { fontSize: 'said', overflowWrap: 'anywhere' } as const;
export const ROW_BELOW = { fontSize: 'note', color: 'text.secondary' } as const;
