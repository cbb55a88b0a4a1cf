package bemble.number;

import java.math.BigInteger;
import java.util.List;

/**
 * Arithmetic with whole numbers that are nearly always small: figures, totals of a column, carries.
 * The results are those of {@link BigInteger}, several times as fast where the numbers have fewer
 * than ten figures.
 */
public final class Whole {
  /** Products of two numbers of so many bits, and totals of a whole list, fit into a long. */
  private static final int SMALL_BITS = 31;

  private Whole() {}

  private static boolean isSmall(BigInteger number) {
    return number.bitLength() <= SMALL_BITS;
  }

  /** The ones figure of a number that is not negative. */
  public static BigInteger ones(BigInteger number) {
    return isSmall(number)
        ? BigInteger.valueOf(number.longValue() % 10)
        : number.mod(BigInteger.TEN);
  }

  /** How many whole tens a number has that is not negative. */
  public static BigInteger tens(BigInteger number) {
    return without(number, 1);
  }

  /** What is left of a number that is not negative without its last {@code n} figures. */
  public static BigInteger without(BigInteger number, int n) {
    if (!isSmall(number)) {
      return number.divide(BigInteger.TEN.pow(n));
    }
    long left = number.longValue();
    for (int i = 0; i < n; i++) {
      left /= 10;
    }
    return BigInteger.valueOf(left);
  }

  /** Ten times a number and some more: 4 and 7 make 47. */
  public static BigInteger joined(BigInteger tens, BigInteger ones) {
    return isSmall(tens) && isSmall(ones)
        ? BigInteger.valueOf(10 * tens.longValue() + ones.longValue())
        : tens.multiply(BigInteger.TEN).add(ones);
  }

  /** The product of two numbers. */
  public static BigInteger product(BigInteger one, BigInteger other) {
    return isSmall(one) && isSmall(other)
        ? BigInteger.valueOf(one.longValue() * other.longValue())
        : one.multiply(other);
  }

  /** All numbers added up; 0 for none. */
  public static BigInteger total(List<BigInteger> numbers) {
    long small = 0;
    for (int i = 0; i < numbers.size(); i++) {
      BigInteger number = numbers.get(i);
      if (!isSmall(number)) {
        return numbers.stream().reduce(BigInteger.ZERO, BigInteger::add);
      }
      small += number.longValue();
    }
    return BigInteger.valueOf(small);
  }

  /** The quotient of two numbers without its remainder; the divisor is not 0. */
  public static BigInteger quotient(BigInteger number, BigInteger divisor) {
    return isSmall(number) && isSmall(divisor)
        ? BigInteger.valueOf(number.longValue() / divisor.longValue())
        : number.divide(divisor);
  }
}
