package bemble.procedure;

/** A move that is usually made. The true hand makes it; leaving it out is a slip. */
public enum Move {
  /** Bringing ten to a column that has too little; asked by that column's place. */
  EXCHANGE,
  /** The same where the top figure is a zero. */
  EXCHANGE_FOR_ZERO,
  /** Carrying from a column's total instead of writing it out whole; by place. */
  CARRY,
  /** Carrying from a product instead of writing it out whole; by the place it stands for. */
  CARRY_FROM_PRODUCT,
  /** A row for each figure of a multiplier, instead of one in which like places meet. */
  ROW_FOR_EACH_FIGURE,
  /** Writing a row of products; by the place of its multiplier figure. */
  WRITE_ROW,
  /** Writing a zero that is found; by its place. */
  WRITE_ZERO,
  /** Bringing a figure down; by its place. */
  BRING_DOWN;

  /** The move that brings ten to a top figure that is too small. */
  public static Move exchangeFor(Entry top) {
    return top.value().signum() == 0 ? EXCHANGE_FOR_ZERO : EXCHANGE;
  }
}
