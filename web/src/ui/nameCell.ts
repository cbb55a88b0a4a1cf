/** How a pupil's name stands before a row of squares, in sight while they scroll. */
export const NAME_CELL = {
  position: 'sticky',
  left: 0,
  zIndex: 1,
  px: 0.75,
  bgcolor: 'background.paper',
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: 'nowrap',
  alignContent: 'center',
  borderRight: 2,
  borderBottom: 1,
  borderColor: 'ink.square',
} as const;

/** How wide the column of names is, and how many letters have room in it. */
export const NAMES = 104;
export const LETTERS_OF_NAME = 11;
