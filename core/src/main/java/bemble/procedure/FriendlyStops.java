package bemble.procedure;

import bemble.number.Whole;
import java.math.BigInteger;

/** The stops of a writer who counts along a number line: whole tens, whole hundreds, and so on. */
final class FriendlyStops {
  private FriendlyStops() {}

  /**
   * The next stop from {@code at} on the way up to {@code target}: the next multiple of the lowest
   * power of ten that {@code at} is not yet a multiple of, or, when that is too far, the largest
   * round hop that still fits. From 487 to 6203: 490, 500, 1000, 6000, 6200, 6203.
   */
  static BigInteger up(BigInteger at, BigInteger target) {
    BigInteger left = target.subtract(at);
    if (left.signum() <= 0) {
      return at;
    }
    if (at.signum() > 0) {
      BigInteger unit = Whole.powerOfTen(trailingZeros(at) + 1);
      BigInteger next = at.divide(unit).add(BigInteger.ONE).multiply(unit);
      if (next.compareTo(target) <= 0) {
        return next;
      }
    }
    return at.add(round(left));
  }

  /** The next stop going back from {@code at}, with {@code gone} of {@code whole} done already. */
  static BigInteger back(BigInteger at, BigInteger whole, BigInteger gone) {
    BigInteger left = whole.subtract(gone).min(at);
    if (left.signum() <= 0) {
      return at;
    }
    BigInteger unit = Whole.powerOfTen(trailingZeros(at) + 1);
    BigInteger down = at.mod(unit);
    return at.subtract(down.signum() > 0 && down.compareTo(left) <= 0 ? down : round(left));
  }

  /** The number cut down to its first figure: 5203 gives 5000. */
  private static BigInteger round(BigInteger number) {
    String figures = number.toString();
    BigInteger unit = Whole.powerOfTen(figures.length() - 1);
    return unit.multiply(BigInteger.valueOf(figures.charAt(0) - '0'));
  }

  private static int trailingZeros(BigInteger number) {
    String figures = number.toString();
    int end = figures.length();
    while (end > 1 && figures.charAt(end - 1) == '0') {
      end--;
    }
    return figures.length() - end;
  }
}
