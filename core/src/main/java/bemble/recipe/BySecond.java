package bemble.recipe;

import bemble.number.Numeral;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.function.BiFunction;
import java.util.function.LongFunction;
import java.util.function.LongPredicate;
import java.util.stream.LongStream;

/** Sums of two numbers of which the second has few values: for each, the first ones that fit. */
final class BySecond implements Counted {
  private final long[] seconds;
  private final long[] counts;
  private final LongFunction<FigureByFigure> firsts;
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
      Size second,
      LongPredicate fits,
      LongFunction<FigureByFigure> firsts,
      BiFunction<Numeral, Numeral, Problem> sum) {
    Numbers numbers = new Numbers(second);
    seconds = LongStream.range(0, numbers.count()).map(numbers::nth).filter(fits).toArray();
    this.firsts = firsts;
    this.sum = sum;
    counts = LongStream.of(seconds).parallel().map(each -> firsts.apply(each).count()).toArray();
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
    long first = firsts.apply(seconds[i]).nth(left);
    return sum.apply(Numeral.of(first), Numeral.of(seconds[i]));
  }
}
