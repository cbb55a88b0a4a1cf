package bemble.procedure;

import bemble.number.Numeral;

/** The answer that stands on a page, right or not. */
public sealed interface Answer {
  /** The number that the page was worked for: sum, difference, product, quotient or root. */
  Numeral value();

  /** Whether both are written alike: of a root only the root is, whatever is left over. */
  default boolean looksLike(Answer other) {
    return equals(other)
        || this instanceof SquareRoot
            && other instanceof SquareRoot
            && value().equals(other.value());
  }

  /**
   * One number.
   *
   * @param value the number
   */
  record One(Numeral value) implements Answer {}

  /**
   * A quotient with its remainder.
   *
   * @param value the quotient
   * @param remainder the remainder, below the divisor
   */
  record Quotient(Numeral value, Numeral remainder) implements Answer {}

  /**
   * A square root, cut off after its last figure worked out.
   *
   * @param value the root, cut off; the true root is not smaller
   * @param rounded the root to the same place, rounded
   * @param above the next number to the same place; the true root is smaller
   * @param remainder the radicand less the square of {@code value}
   */
  record SquareRoot(Numeral value, Numeral rounded, Numeral above, Numeral remainder)
      implements Answer {
    /** Whether nothing is left over. */
    public boolean exact() {
      return remainder.isZero();
    }
  }
}
