package bemble.recipe;

import bemble.number.Require;

/**
 * A range of counts, both ends within it.
 *
 * @param from the least, 0 or more
 * @param to the most, {@link #UNBOUNDED} for no end
 */
public record Range(int from, int to) {
  /** No end. */
  public static final int UNBOUNDED = Integer.MAX_VALUE;

  /** Every count. */
  public static final Range ANY = new Range(0, UNBOUNDED);

  /** The value of {@link #raised} for a count beyond the range. */
  static final int OVER = -1;

  /** Refuses a range that holds nothing. */
  public Range {
    Require.that(from >= 0, "from", from, "must not be negative");
    Require.that(to >= from, "to", to, "must not be below " + from);
  }

  /** One count alone. */
  public static Range exactly(int count) {
    return new Range(count, count);
  }

  /** This count and more. */
  public static Range atLeast(int count) {
    return new Range(count, UNBOUNDED);
  }

  /** Whether a count lies in the range. */
  public boolean holds(int count) {
    return count >= from && count <= to;
  }

  /** Whether every count lies in the range. */
  public boolean isAny() {
    return equals(ANY);
  }

  /**
   * A count with some more, as far as it matters: {@link #OVER} beyond the range, and no more than
   * its beginning where it has no end, so that few counts have to be told apart.
   */
  int raised(int count, int more) {
    int raised = count + more;
    if (to == UNBOUNDED) {
      return Math.min(raised, from);
    }
    return raised > to ? OVER : raised;
  }
}
