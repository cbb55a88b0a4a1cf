package bemble.procedure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FormulasTest {
  private static List<BigInteger> numbers(long... values) {
    return LongStream.of(values).mapToObj(BigInteger::valueOf).toList();
  }

  private static BigInteger apply(Rule.Kind kind, int n, String reads) {
    return new Rule(kind, n)
        .apply(Stream.of(reads.trim().split(" ")).map(BigInteger::new).toList());
  }

  @ParameterizedTest
  @CsvSource({
    "SAME,                     0, 7,         7",
    "TOTAL,                    0, 8 7 5,     20",
    "FIGURE_OF_TOTAL,          0, 8 7 5,     0",
    "FIGURE_OF_TOTAL,          1, 88 75,     6",
    "TENS_OF_TOTAL,            0, 99 99 9,   20",
    "DIFFERENCE,               0, 9 8,       1",
    "DIFFERENCE,               0, 3 8,       0",
    "DIFFERENCE,               0, 9 3 2,     4",
    "DIFFERENCE_WITH_TEN_MORE, 0, 3 1 8,     5",
    "ONE_LESS,                 0, 5,         4",
    "ONE_LESS,                 0, 0,         0",
    "TEN_MORE,                 0, 3,         13",
    "NINE_MORE,                0, 0,         9",
    "FIGURE_OF_PAIRS,          0, 3 4 2 6 5, 9",
    "TENS_OF_PAIRS,            0, 3 4 2 6 5, 2",
    "PRODUCT,                  0, 7 8,       56",
    "COUNT,                    0, 4 4 4,     3",
    "HOW_MANY,                 0, 7 4 2,     6",
    "HOW_MANY,                 0, 3 9 9,     9",
    "HOW_MANY,                 0, 0 4,       0",
    "LEFT_OVER,                0, 42 4 3,    1",
    "LEFT_OVER,                0, 50 4 3,    0",
    "JOINED,                   0, 4 7,       47",
    "LARGEST_SQUARE,           0, 2 9,       5",
    "LARGEST_SQUARE,           0, 4 0 0,     9",
    "DOUBLE,                   0, 3 0,       60",
    "ADD_LAST,                 0, 6 4,       68",
    "LARGEST_TRIAL,            0, 10 4 2 0,  4",
    "LARGEST_TRIAL,            0, 0 9 9,     9",
    "TRIAL_PRODUCT,            0, 10 4,      416",
    "TRY,                      5, 10,        525",
    "NEXT_STOP,                0, 487 6203,  490",
    "NEXT_STOP,                0, 490 6203,  500",
    "NEXT_STOP,                0, 6200 6203, 6203",
    "STOP_BACK,                0, 403 187 0, 400",
    "STOP_BACK,                0, 400 187 3, 300",
    "DIGIT_SUM,                0, 57,        3",
    "DIGIT_SUM,                0, 99,        9",
    "DIGIT_SUM,                0, 0,         0",
    "DIGIT_SUM_OF_PRODUCT,     0, 3 2,       6"
  })
  void giveWhatIsWorkedOutOnPaper(Rule.Kind kind, int n, String reads, long value) {
    assertEquals(BigInteger.valueOf(value), apply(kind, n, reads));
  }

  /**
   * A wrong page is worked on like any other: no figures make a formula fail or fall below zero.
   */
  @ParameterizedTest
  @EnumSource
  void takeWhateverWasWritten(Rule.Kind kind) {
    Random random = new Random(kind.ordinal());
    for (int i = 0; i < 400; i++) {
      List<BigInteger> reads =
          IntStream.range(0, 3 + random.nextInt(4))
              .mapToObj(any -> BigInteger.valueOf(random.nextInt(random.nextBoolean() ? 2 : 400)))
              .toList();
      Rule rule = new Rule(kind, random.nextInt(10));
      assertTrue(rule.apply(reads).signum() >= 0, () -> kind + " of " + reads);
    }
  }

  @Test
  void figuresOfATotalMakeTheTotalAgain() {
    Random random = new Random(5);
    for (int i = 0; i < 300; i++) {
      List<BigInteger> reads =
          numbers(random.nextInt(1000), random.nextInt(1000), random.nextInt(10));
      BigInteger ones = Rule.ONES_OF_TOTAL.apply(reads);
      BigInteger tens = Rule.TENS_OF_TOTAL.apply(reads);
      assertEquals(Rule.TOTAL.apply(reads), tens.multiply(BigInteger.TEN).add(ones));
      assertEquals(Rule.figureOfTotal(1).apply(reads), tens.mod(BigInteger.TEN));
    }
  }

  /** Every hop goes on, lands on the target in the end, and is round: one figure and zeros. */
  @Test
  void hopsReachTheirTargetUpAndBack() {
    Random random = new Random(7);
    for (int i = 0; i < 200; i++) {
      BigInteger target = new BigInteger(1 + random.nextInt(60), random);
      BigInteger at =
          new BigInteger(1 + random.nextInt(60), random).mod(target.add(BigInteger.ONE));
      BigInteger from = at;
      for (int hops = 0; at.compareTo(target) < 0; hops++) {
        BigInteger next = Rule.of(Rule.Kind.NEXT_STOP).apply(List.of(at, target));
        assertTrue(next.compareTo(at) > 0 && next.compareTo(target) <= 0, "no hop from " + at);
        assertTrue(next.subtract(at).toString().matches("\\d0*"), next + " from " + at);
        assertTrue(hops < 60, "too many hops from " + from);
        at = next;
      }
      BigInteger gone = BigInteger.ZERO;
      BigInteger whole = target.subtract(from);
      for (BigInteger back = target; gone.compareTo(whole) < 0; ) {
        BigInteger next = Rule.of(Rule.Kind.STOP_BACK).apply(List.of(back, whole, gone));
        assertTrue(next.compareTo(back) < 0, "no hop back from " + back);
        gone = gone.add(back.subtract(next));
        back = next;
      }
      assertEquals(whole, gone);
    }
  }

  @Test
  void digitSumsKeepWhatNinesLeave() {
    Random random = new Random(9);
    for (int i = 0; i < 300; i++) {
      BigInteger one = new BigInteger(70, random);
      BigInteger other = new BigInteger(70, random);
      BigInteger product = one.multiply(other);
      BigInteger sum = Rule.of(Rule.Kind.DIGIT_SUM).apply(List.of(product));
      assertEquals(sum, Rule.of(Rule.Kind.DIGIT_SUM_OF_PRODUCT).apply(List.of(one, other)));
      String figures = product.toString();
      while (figures.length() > 1) {
        figures = String.valueOf(figures.chars().map(figure -> figure - '0').sum());
      }
      assertEquals(figures, sum.toString());
    }
  }
}
