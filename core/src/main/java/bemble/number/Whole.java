package bemble.number;

import java.math.BigInteger;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Arithmetic with whole numbers that are nearly always small: figures, totals of a column, carries.
 * The results are those of {@link BigInteger}, several times as fast where the numbers have fewer
 * than ten figures.
 */
public final class Whole {
  /** Products of two numbers of so many bits, and totals of a whole list, fit into a long. */
  private static final int SMALL_BITS = 31;

  private static final List<BigInteger> POWERS =
      IntStream.range(0, 20).mapToObj(BigInteger.TEN::pow).toList();

  /** The totals of a column and the products of two figures, made once. */
  private static final BigInteger[] FEW =
      IntStream.range(0, 1000).mapToObj(BigInteger::valueOf).toArray(BigInteger[]::new);

  private Whole() {}

  private static BigInteger of(long number) {
    return number >= 0 && number < FEW.length ? FEW[(int) number] : BigInteger.valueOf(number);
  }

  private static boolean isSmall(BigInteger number) {
    return number.bitLength() <= SMALL_BITS;
  }

  /** Ten to the power of {@code n}, 0 or more. */
  public static BigInteger powerOfTen(int n) {
    return n < POWERS.size() ? POWERS.get(n) : BigInteger.TEN.pow(n);
  }

  /** The ones figure of a number that is not negative. */
  public static BigInteger ones(BigInteger number) {
    return isSmall(number) ? of(number.longValue() % 10) : number.mod(BigInteger.TEN);
  }

  /** How many whole tens a number has that is not negative. */
  public static BigInteger tens(BigInteger number) {
    return without(number, 1);
  }

  /** A number, not negative, without its last {@code n} figures. */
  public static BigInteger without(BigInteger number, int n) {
    if (!isSmall(number)) {
      return number.divide(powerOfTen(n));
    }
    long left = number.longValue();
    for (int i = 0; i < n; i++) {
      left /= 10;
    }
    return of(left);
  }

  /** Ten times a number and some more: 4 and 7 make 47. */
  public static BigInteger joined(BigInteger tens, BigInteger ones) {
    return isSmall(tens) && isSmall(ones)
        ? of(10 * tens.longValue() + ones.longValue())
        : tens.multiply(BigInteger.TEN).add(ones);
  }

  /** The numbers from the {@code first} on, joined one after the other: 4, 7 and 1 make 471. */
  public static BigInteger joined(List<BigInteger> numbers, int first) {
    long small = 0;
    for (int i = first; i < numbers.size(); i++) {
      BigInteger number = numbers.get(i);
      if (small > Integer.MAX_VALUE || !isSmall(number)) {
        BigInteger joined = of(small);
        for (int rest = i; rest < numbers.size(); rest++) {
          joined = joined.multiply(BigInteger.TEN).add(numbers.get(rest));
        }
        return joined;
      }
      small = 10 * small + number.longValue();
    }
    return of(small);
  }

  /** The product of two numbers. */
  public static BigInteger product(BigInteger one, BigInteger other) {
    return isSmall(one) && isSmall(other)
        ? of(one.longValue() * other.longValue())
        : one.multiply(other);
  }

  /** The sum of two numbers. */
  public static BigInteger sum(BigInteger one, BigInteger other) {
    return isSmall(one) && isSmall(other)
        ? of(one.longValue() + other.longValue())
        : one.add(other);
  }

  /** All numbers added up; 0 for none. */
  public static BigInteger total(List<BigInteger> numbers) {
    return total(numbers, 0);
  }

  /** All numbers from the {@code first} on added up; 0 for none. */
  public static BigInteger total(List<BigInteger> numbers, int first) {
    long small = 0;
    for (int i = first; i < numbers.size(); i++) {
      BigInteger number = numbers.get(i);
      if (!isSmall(number)) {
        return total(of(small), numbers, i);
      }
      small += number.longValue();
    }
    return of(small);
  }

  private static BigInteger total(BigInteger soFar, List<BigInteger> numbers, int first) {
    BigInteger total = soFar;
    for (int i = first; i < numbers.size(); i++) {
      total = total.add(numbers.get(i));
    }
    return total;
  }

  /** The difference of two numbers; 0 where the second is larger. */
  public static BigInteger left(BigInteger number, BigInteger taken) {
    return isSmall(number) && isSmall(taken)
        ? of(Math.max(0, number.longValue() - taken.longValue()))
        : number.subtract(taken).max(BigInteger.ZERO);
  }

  /** The quotient of two numbers without its remainder; the divisor is not 0. */
  public static BigInteger quotient(BigInteger number, BigInteger divisor) {
    return isSmall(number) && isSmall(divisor)
        ? of(number.longValue() / divisor.longValue())
        : number.divide(divisor);
  }
}
