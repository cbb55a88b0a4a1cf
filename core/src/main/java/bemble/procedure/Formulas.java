package bemble.procedure;

import bemble.number.Whole;
import java.math.BigInteger;
import java.util.List;

/**
 * The formulas behind the rules. "Standing" means one or more numbers read one behind the other:
 * the last remainder and the figures brought down to it. A formula gives a value for every page, a
 * wrong one too, so a difference is never below 0.
 */
final class Formulas {
  private static final BigInteger NINE = BigInteger.valueOf(9);
  private static final BigInteger TWO = BigInteger.TWO;

  private Formulas() {}

  static BigInteger apply(Rule rule, List<BigInteger> reads) {
    return switch (rule.kind()) {
      case COPY, SAME -> reads.get(0);
      case ZERO -> BigInteger.ZERO;
      case TOTAL -> Whole.total(reads);
      case FIGURE_OF_TOTAL -> Whole.ones(Whole.without(Whole.total(reads), rule.n()));
      case TENS_OF_TOTAL -> Whole.tens(Whole.total(reads));
      case DIFFERENCE -> Whole.left(reads.get(0), Whole.total(reads, 1));
      // The top figure, the small one before it, and everything to be taken.
      case DIFFERENCE_WITH_TEN_MORE ->
          Whole.left(Whole.joined(reads.get(1), reads.get(0)), Whole.total(reads, 2));
      case ONE_LESS -> Whole.left(reads.get(0), BigInteger.ONE);
      case ONE_MORE -> Whole.sum(reads.get(0), BigInteger.ONE);
      case TEN_MORE -> Whole.sum(reads.get(0), BigInteger.TEN);
      // A zero on the way of an exchange, taken in one go: ten more and at once one less.
      case NINE_MORE -> Whole.sum(reads.get(0), NINE);
      case FIGURE_OF_PAIRS -> Whole.ones(pairs(reads));
      case TENS_OF_PAIRS -> Whole.tens(pairs(reads));
      case PRODUCT -> product(reads);
      case COUNT -> BigInteger.valueOf(reads.size());
      // The divisor, then the number to be divided.
      case HOW_MANY -> howMany(reads.get(0), Whole.joined(reads, 1));
      // The divisor, then the number to be divided.
      case EASY_COUNT -> easy(quotient(reads.get(0), Whole.joined(reads, 1)));
      // The product, then the number before it.
      case LEFT_OVER -> Whole.left(Whole.joined(reads, 1), reads.get(0));
      case JOINED -> joined(reads);
      case LARGEST_SQUARE -> largestSquare(joined(reads));
      // The figures of the root so far.
      case DOUBLE -> Whole.product(joined(reads), TWO);
      // The last lead and the figure that was put behind it.
      case ADD_LAST -> Whole.sum(joined(reads), reads.get(1));
      // The lead, then the remaining number.
      case LARGEST_TRIAL -> largestTrial(reads.get(0), Whole.joined(reads, 1));
      // The lead and the figure put behind it.
      case TRIAL_PRODUCT -> Whole.product(joined(reads), reads.get(1));
      case TRY -> trial(reads.get(0), BigInteger.valueOf(rule.n()));
      // Where one stands on the line, and where one wants to go.
      case NEXT_STOP -> FriendlyStops.up(reads.get(0), reads.get(1));
      // Where one stands, and how much is still to be gone back.
      case STOP_BACK -> FriendlyStops.back(reads.get(0), reads.get(1), Whole.total(reads, 2));
      case DIGIT_SUM -> digitSum(Whole.total(reads));
      case DIGIT_SUM_OF_PRODUCT -> digitSum(product(reads));
    };
  }

  private static BigInteger product(List<BigInteger> factors) {
    BigInteger product = BigInteger.ONE;
    for (int i = 0; i < factors.size(); i++) {
      product = Whole.product(product, factors.get(i));
    }
    return product;
  }

  /**
   * Figures added until one is left. Since 10 leaves 1 when nines are taken away, a number and the
   * sum of its figures leave the same; a rest of nothing is 9, except for 0 itself.
   */
  private static BigInteger digitSum(BigInteger number) {
    return number.signum() == 0
        ? BigInteger.ZERO
        : number.subtract(BigInteger.ONE).mod(NINE).add(BigInteger.ONE);
  }

  /** Products of neighbours, two by two, added up; an odd one at the end is added as it is. */
  private static BigInteger pairs(List<BigInteger> reads) {
    BigInteger sum = reads.size() % 2 == 0 ? BigInteger.ZERO : reads.get(reads.size() - 1);
    for (int i = 0; i + 1 < reads.size(); i += 2) {
      sum = Whole.sum(sum, Whole.product(reads.get(i), reads.get(i + 1)));
    }
    return sum;
  }

  /** Numbers written one behind the other, each after the first one figure long: 4, 7 make 47. */
  static BigInteger joined(List<BigInteger> reads) {
    return Whole.joined(reads, 0);
  }

  private static BigInteger trial(BigInteger lead, BigInteger x) {
    return Whole.product(Whole.joined(lead, x), x);
  }

  /**
   * At most 9: a figure of a quotient is one figure, however much is left after a wrong one. A
   * divisor that was copied as 0 goes into nothing.
   */
  private static BigInteger howMany(BigInteger divisor, BigInteger standing) {
    return quotient(divisor, standing).min(NINE);
  }

  private static BigInteger quotient(BigInteger divisor, BigInteger standing) {
    return divisor.signum() == 0 ? BigInteger.ZERO : Whole.quotient(standing, divisor);
  }

  /** How many whole times a divisor fits into a number; reads the divisor, then the number. */
  private static BigInteger fitting(List<BigInteger> reads) {
    return quotient(reads.get(0), Whole.joined(reads, 1));
  }

  /** Whether a writer may choose a value where a choice is to be made. */
  static boolean leavesOpen(Rule.Kind choice, BigInteger value, List<BigInteger> reads) {
    return switch (choice) {
      case EASY_COUNT -> isWithin(BigInteger.ZERO, value, fitting(reads));
      case NEXT_STOP -> isWithin(reads.get(0), value, reads.get(1));
      case STOP_BACK -> {
        BigInteger left = reads.get(1).subtract(Whole.total(reads, 2));
        yield isWithin(BigInteger.ZERO, reads.get(0).subtract(value), left);
      }
      default -> throw new IllegalArgumentException(choice + " is no choice");
    };
  }

  /** Whether a value is above the least and not above the most. */
  private static boolean isWithin(BigInteger least, BigInteger value, BigInteger most) {
    return value.compareTo(least) > 0 && value.compareTo(most) <= 0;
  }

  /** The largest of 1, 2, 5, 10, 20, 50, … that is not above a number; 0 for 0. */
  private static BigInteger easy(BigInteger most) {
    String figures = most.toString();
    int first = figures.charAt(0) - '0';
    int figure = first >= 5 ? 5 : Math.min(first, 2);
    return BigInteger.valueOf(figure).multiply(BigInteger.TEN.pow(figures.length() - 1));
  }

  private static BigInteger largestSquare(BigInteger standing) {
    BigInteger x = NINE;
    while (Whole.product(x, x).compareTo(standing) > 0) {
      x = x.subtract(BigInteger.ONE);
    }
    return x;
  }

  /** At most 9: a figure of a root is one figure, however much room there seems to be. */
  private static BigInteger largestTrial(BigInteger lead, BigInteger standing) {
    BigInteger x = NINE;
    while (x.signum() > 0 && trial(lead, x).compareTo(standing) > 0) {
      x = x.subtract(BigInteger.ONE);
    }
    return x;
  }
}
