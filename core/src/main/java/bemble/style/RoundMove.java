package bemble.style;

/** A move of a round of long division, in the order in which a round is written. */
public enum RoundMove {
  DIVIDE,
  MULTIPLY,
  SUBTRACT,
  /**
   * The number that is left is compared with the divisor, or the product with the number above it.
   */
  COMPARE,
  BRING_DOWN,
  /** Whether another round follows, or the rest is the remainder. */
  AGAIN
}
