/** A list whose entries are rows. */
export const LIST = { m: 0, p: 0, listStyle: 'none' } as const;

/** A row of a list: its title, its state, and two buttons; on a phone one below the other. */
export const ROW = {
  display: 'grid',
  gridTemplateColumns: {
    xs: '1fr auto auto',
    sm: 'minmax(0, 5fr) minmax(0, 4fr) auto auto',
  },
  alignItems: 'center',
  gap: 1.5,
  py: 0.75,
  borderBottom: '1px dotted',
  borderColor: 'ink.edge',
} as const;

/** The heading of a row: on a phone it has a line of its own. */
export const ROW_HEAD = { minWidth: 0, gridColumn: { xs: '1 / -1', sm: 'auto' } } as const;

/** The title of a row, with the text below it. */
export const ROW_TITLE = { fontSize: 'said', overflowWrap: 'anywhere' } as const;
export const ROW_BELOW = { fontSize: 'note', color: 'text.secondary' } as const;
