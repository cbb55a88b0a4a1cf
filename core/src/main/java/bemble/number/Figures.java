package bemble.number;

import java.math.BigInteger;

/** Whole numbers as figures. */
public final class Figures {
  private static final int BITS_OF_LONG = 63;

  private Figures() {}

  /**
   * The decimal figures of a whole number. Nearly all numbers of a working are small, and for these
   * this is several times faster than {@link BigInteger#toString()}.
   */
  public static String of(BigInteger number) {
    return number.bitLength() < BITS_OF_LONG
        ? Long.toString(number.longValue())
        : number.toString();
  }
}
