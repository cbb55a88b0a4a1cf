/** Where it stands that Bemble was told to end: from then on no view is shown. */
export const CLOSED = ['closed'];
