package bemble.plan;

/**
 * What a hand decides besides values: whether a move is made at all. The true hand does as usual; a
 * decision the other way is a slip, and the plan goes on from it.
 */
public enum Decision {
  /**
   * How many places too far to the left a number is set out; usually 0. Asked by its first place.
   */
  PLACES_TOO_FAR_LEFT,
  /** Whether ten is brought to a column that has too little; usually 1. Asked by that place. */
  EXCHANGE_MADE,
  /** The same where the top figure is a zero. */
  EXCHANGE_FOR_ZERO_MADE,
  /** Whether a column's total is carried from, and not written out whole; usually 1. By place. */
  TOTAL_CARRIED,
  /**
   * How many places the end of a row is held; usually those its figure stands for, asked by them.
   */
  PLACES_HELD,
  /** Whether a row of products is written; usually 1. Asked by the place of its figure. */
  ROW_WRITTEN,
  /** Whether a zero that is found is written; usually 1. Asked by its place. */
  ZERO_WRITTEN,
  /** After the figure of which place of a root its point stands; usually 0. Asked once. */
  POINT_AFTER,
  /** Whether a figure is brought down; usually 1. Asked by its place. */
  BROUGHT_DOWN;

  /** The question whether ten is brought to a top figure that is too small. */
  public static Decision exchangeFor(Entry top) {
    return top.value().signum() == 0 ? EXCHANGE_FOR_ZERO_MADE : EXCHANGE_MADE;
  }
}
