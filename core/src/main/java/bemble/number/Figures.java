package bemble.number;

import java.math.BigInteger;
import java.util.stream.IntStream;

/** Whole numbers as figures. */
public final class Figures {
  /** Most numbers of a working have at most three figures. */
  private static final String[] SMALL =
      IntStream.range(0, 1000).mapToObj(Integer::toString).toArray(String[]::new);

  private static final int BITS_OF_INT = 31;

  private Figures() {}

  /** The figure of a text at an index, as a text of its own. */
  public static String at(String figures, int index) {
    return SMALL[figures.charAt(index) - '0'];
  }

  /**
   * The decimal figures of a whole number. Nearly all numbers of a working are small, and for these
   * this is several times faster than {@link BigInteger#toString()}.
   */
  public static String of(BigInteger number) {
    if (number.bitLength() > BITS_OF_INT) {
      return number.toString();
    }
    int small = number.intValue();
    return small >= 0 && small < SMALL.length ? SMALL[small] : Integer.toString(small);
  }
}
