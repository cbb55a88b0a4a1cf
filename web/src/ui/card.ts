/** A card with a thick edge, on which one thing is said at a time. */
export const CARD = { borderLeft: 6, borderRadius: '4px 10px 10px 4px', px: 2.25, py: 1.25 };
