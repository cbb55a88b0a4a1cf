package bemble.recipe;

import bemble.number.Numeral;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.function.BiFunction;
import java.util.function.LongPredicate;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** Sums of two numbers of which the second has few values: for each, the first ones that fit. */
final class BySecond implements Counted {
  /** How many parts are counted side by side, as far as the machine can. */
  private static final int MOST_PARTS = 32;

  /**
   * The first numbers that fit beside a second one; they are counted in a table, which is cleared.
   */
  interface Firsts {
    FigureByFigure beside(long second, TallyTable table);
  }

  private final long[] seconds;
  private final long[] counts;
  private final Firsts firsts;
  private final BiFunction<Numeral, Numeral, Problem> sum;

  /**
   * The sums.
   *
   * @param second the size of the second number
   * @param fits which of its values are looked at
   * @param firsts the first numbers that fit beside a second one
   * @param sum makes a sum of both
   */
  BySecond(
      Size second, LongPredicate fits, Firsts firsts, BiFunction<Numeral, Numeral, Problem> sum) {
    Numbers numbers = new Numbers(second);
    seconds = LongStream.range(0, numbers.count()).map(numbers::nth).filter(fits).toArray();
    this.firsts = firsts;
    this.sum = sum;
    counts = new long[seconds.length];
    int parts = Math.min(MOST_PARTS, seconds.length);
    IntStream.range(0, parts).parallel().forEach(part -> count(part, parts));
  }

  /** Counts beside every second number of a part, in a table for all of them. */
  private void count(int part, int parts) {
    TallyTable table = new TallyTable();
    for (int i = part; i < seconds.length; i += parts) {
      counts[i] = firsts.beside(seconds[i], table).count();
    }
  }

  @Override
  public BigInteger count() {
    return BigInteger.valueOf(LongStream.of(counts).sum());
  }

  @Override
  public Problem sum(BigInteger number) {
    long left = number.longValueExact();
    int i = 0;
    while (left >= counts[i]) {
      left -= counts[i++];
    }
    long first = firsts.beside(seconds[i], new TallyTable()).nth(left);
    return sum.apply(Numeral.of(first), Numeral.of(seconds[i]));
  }
}
