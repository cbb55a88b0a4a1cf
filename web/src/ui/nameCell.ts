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
