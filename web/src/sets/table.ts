/** A table of words and figures. */
export const TABLE = {
  width: '100%',
  borderCollapse: 'collapse',
  '& td, & th': {
    textAlign: 'left',
    verticalAlign: 'top',
    py: 0.75,
    pr: 2,
    borderBottom: 1,
    borderColor: 'divider',
  },
};
