package bemble.remark;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * The products of pairs of figures whose places add to one place, as they are said: each product
 * and how much it is by then, one product at a time.
 *
 * @param pairs the pairs, in the order said; at least one
 * @param carried the carry into the place, 0 for nothing
 */
public record Crossing(List<Pair> pairs, BigInteger carried) implements Mention {
  /**
   * Two figures that are multiplied.
   *
   * @param upper the figure of the upper number, in its place
   * @param lower the figure of the lower number, in its place
   */
  public record Pair(Quantity upper, Quantity lower) {
    /** The product of the two figures, without their places. */
    public BigInteger product() {
      return upper.count().multiply(lower.count());
    }
  }

  /** Keeps a copy of the pairs. */
  public Crossing {
    pairs = List.copyOf(pairs);
  }

  /** The totals after each product, and with the last carry. */
  public List<BigInteger> reached() {
    List<BigInteger> reached = new ArrayList<>();
    BigInteger sum = BigInteger.ZERO;
    for (Pair pair : pairs) {
      sum = sum.add(pair.product());
      reached.add(sum);
    }
    reached.add(sum.add(carried));
    return reached;
  }
}
