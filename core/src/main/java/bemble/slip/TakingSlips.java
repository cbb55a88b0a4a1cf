package bemble.slip;

import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Fill;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.function.Predicate;

/** Slips in the subtraction of columns, and the changes that each makes in the procedure. */
public final class TakingSlips {
  public static final Slip ZERO_PASSED_STAYS_ZERO =
      Slip.ofRule("zero-passed-stays-zero", TakingSlips::zeroStaysZero);
  public static final Slip ZERO_PASSED_BECOMES_TEN =
      Slip.ofRule("zero-passed-becomes-ten", TakingSlips::zeroBecomesTen);
  public static final Slip NOTHING_GIVES_THE_NUMBER =
      Slip.ofRule("nothing-gives-the-number", TakingSlips::nothingGivesTheNumber);
  public static final Slip NOTHING_TAKEN_GIVES_NOTHING =
      Slip.ofRule("nothing-taken-gives-nothing", TakingSlips::nothingTakenGivesNothing);
  public static final Slip TOO_SMALL_GIVES_NOTHING =
      Slip.ofRule("too-small-gives-nothing", TakingSlips::tooSmallGivesNothing);
  public static final Slip ADDED_INSTEAD = Slip.ofRule("added-instead", TakingSlips::addedInstead);
  public static final Slip NOTHING_GIVES_NOTHING =
      Slip.ofRule("nothing-gives-nothing", TakingSlips::nothingGivesNothing);
  public static final Slip SMALLER_FROM_LARGER =
      Slip.ofRule("smaller-from-larger", TakingSlips::smallerFromLarger);
  public static final Slip SMALLER_FROM_LARGER_EVEN_FROM_ZERO =
      SMALLER_FROM_LARGER.form(
          "smaller-from-larger-even-from-zero", TakingSlips::smallerFromLargerEvenFromZero);
  public static final Slip NEIGHBOUR_NOT_LESS =
      Slip.of("neighbour-not-less", Slip.Kind.UNPAID_TEN, TakingSlips::neighbourNotLess);
  public static final Slip ONE_MORE_FORGOTTEN =
      Slip.of("one-more-forgotten", Slip.Kind.UNPAID_TEN, TakingSlips::oneMoreForgotten);
  public static final Slip LESS_WITHOUT_EXCHANGE =
      Slip.ofRule("less-without-exchange", TakingSlips::lessWithoutExchange);
  public static final Slip NOBODY_PAYS =
      Slip.of("nobody-pays", Slip.Kind.UNPAID_TEN, TakingSlips::nobodyPays);

  static final List<Slip> ALL =
      List.of(
          ZERO_PASSED_STAYS_ZERO,
          ZERO_PASSED_BECOMES_TEN,
          NOTHING_GIVES_THE_NUMBER,
          NOTHING_TAKEN_GIVES_NOTHING,
          TOO_SMALL_GIVES_NOTHING,
          ADDED_INSTEAD,
          NOTHING_GIVES_NOTHING,
          SMALLER_FROM_LARGER,
          SMALLER_FROM_LARGER_EVEN_FROM_ZERO,
          NEIGHBOUR_NOT_LESS,
          ONE_MORE_FORGOTTEN,
          LESS_WITHOUT_EXCHANGE,
          NOBODY_PAYS);

  private static final BigInteger NINE = BigInteger.valueOf(9);
  private static final Change NONE_FOR_ZERO = Change.leavingOut(Move.EXCHANGE_FOR_ZERO);
  private static final Change NONE = Change.leavingOut(Move.EXCHANGE);

  /** No exchange at all. */
  static final Change NO_EXCHANGE = Change.both(NONE, NONE_FOR_ZERO);

  private TakingSlips() {}

  /** No exchange, and a difference of its own where the top is too small. */
  private static Change without(
      Predicate<BigInteger> top, BinaryOperator<BigInteger> difference, Change noExchange) {
    Change.OfValues values =
        asked -> {
          if (!Reads.is(asked, Rule.Kind.DIFFERENCE) || !isColumn(asked)) {
            return Optional.empty();
          }
          BigInteger from = Reads.value(asked, 0);
          BigInteger taken = Rule.TOTAL.applyTo(asked.reads().subList(1, asked.reads().size()));
          return from.compareTo(taken) < 0 && top.test(from)
              ? Optional.of(difference.apply(from, taken))
              : Optional.empty();
        };
    return Change.both(values, noExchange);
  }

  static boolean isColumn(Asked asked) {
    return asked.slot().role() == Role.ANSWER || asked.slot().role() == Role.PARTIAL;
  }

  private static Change smallerFromLarger(Problem problem) {
    return without(top -> top.signum() > 0, (from, taken) -> taken.subtract(from), NONE);
  }

  /** The same where nothing stands on top: 503 − 87 comes to 584. */
  private static Change smallerFromLargerEvenFromZero(Problem problem) {
    return without(top -> true, (from, taken) -> taken.subtract(from), NO_EXCHANGE);
  }

  private static Change nothingGivesTheNumber(Problem problem) {
    return without(top -> top.signum() == 0, (from, taken) -> taken, NONE_FOR_ZERO);
  }

  private static Change nothingGivesNothing(Problem problem) {
    return without(top -> top.signum() == 0, (from, taken) -> BigInteger.ZERO, NONE_FOR_ZERO);
  }

  /** Where the top is too small, nothing is left. */
  private static Change tooSmallGivesNothing(Problem problem) {
    return without(top -> top.signum() > 0, (from, taken) -> BigInteger.ZERO, NONE);
  }

  private static Change nothingTakenGivesNothing(Problem problem) {
    return (Change.OfValues)
        asked -> {
          boolean column = Reads.is(asked, Rule.Kind.DIFFERENCE) && isColumn(asked);
          boolean zero = column && asked.reads().size() == 2 && Reads.value(asked, 1).signum() == 0;
          return zero ? Optional.of(BigInteger.ZERO) : Optional.empty();
        };
  }

  /** The column is added, and its tens are not looked at. */
  private static Change addedInstead(Problem problem) {
    Change.OfValues values =
        asked ->
            Reads.is(asked, Rule.Kind.DIFFERENCE) && isColumn(asked)
                ? Optional.of(Whole.ones(Rule.TOTAL.applyTo(asked.reads())))
                : Optional.empty();
    return Change.both(values, NO_EXCHANGE);
  }

  private static Change neighbourNotLess(Problem problem) {
    return (Change.OfValues)
        asked ->
            Reads.is(asked, Rule.Kind.ONE_LESS)
                ? Optional.of(Reads.value(asked, 0))
                : Optional.empty();
  }

  /** An exchange across zeros makes the zeros 9, and the place beyond them stays the same. */
  private static Change nobodyPays(Problem problem) {
    return (Change.OfValues)
        asked -> {
          boolean afar =
              Reads.is(asked, Rule.Kind.ONE_LESS)
                  && asked.slot().place() > asked.section().number() + 1
                  && asked.reads().get(0).rule().kind() != Rule.Kind.TEN_MORE;
          return afar ? Optional.of(Reads.value(asked, 0)) : Optional.empty();
        };
  }

  /** A column whose right neighbour needed nothing is made one less all the same. */
  private static Change lessWithoutExchange(Problem problem) {
    Numeral from = problem.numbers().get(0);
    Set<Integer> owing = new HashSet<>();
    return new Change() {
      @Override
      public Optional<Fill> instead(Asked asked) {
        boolean alone = Reads.is(asked, Rule.Kind.SAME);
        boolean difference =
            Reads.is(asked, Rule.Kind.DIFFERENCE) && asked.reads().size() == 2 || alone;
        if (!difference || !isColumn(asked)) {
          return Optional.empty();
        }
        int place = asked.slot().place();
        boolean paid = hasPaid(asked.reads().get(0)) || place == from.lowestPlace();
        if (paid && !owing.contains(place)) {
          return Optional.empty();
        }
        boolean runsOn = asked.due().signum() == 0;
        return runsOn && place == from.highestPlace()
            ? Optional.empty()
            : Optional.of(Fill.of(runsOn ? NINE : asked.due().subtract(BigInteger.ONE)));
      }

      /** Nothing is left to be one less, so the next place pays as well. */
      @Override
      public void written(Asked asked, BigInteger value) {
        if (asked.due().signum() == 0 && NINE.equals(value) && isColumn(asked)) {
          owing.add(asked.slot().place() + 1);
        }
      }
    };
  }

  /** Whether a figure was made less for its neighbour; a ten may have come to it as well. */
  private static boolean hasPaid(Entry top) {
    return top.rule().kind() != Rule.Kind.TEN_MORE
        ? top.slot().role() == Role.EXCHANGE
        : top.reads().stream().anyMatch(TakingSlips::hasPaid);
  }

  /** The place beyond pays, and the zeros on the way stay zeros. */
  private static Change zeroStaysZero(Problem problem) {
    return onTheWay(BigInteger.ZERO);
  }

  /** The place beyond pays, and the zeros on the way become ten and stay so. */
  private static Change zeroBecomesTen(Problem problem) {
    return onTheWay(BigInteger.TEN);
  }

  /** One figure goes into a square, so ten less nothing leaves the 0 of the ten. */
  private static Optional<BigInteger> oneFigure(Asked asked, BigInteger value) {
    boolean answer = asked.slot().role() == Role.ANSWER && value.compareTo(BigInteger.TEN) >= 0;
    return answer ? Optional.of(Whole.ones(value)) : Optional.empty();
  }

  private static Change onTheWay(BigInteger left) {
    return (Change.OfValues)
        asked -> {
          if (Reads.is(asked, Rule.Kind.DIFFERENCE, Rule.Kind.SAME)) {
            return oneFigure(asked, asked.due());
          }
          boolean passed = asked.slot().place() > asked.section().number();
          boolean makesTen = Reads.is(asked, Rule.Kind.TEN_MORE) && passed;
          boolean paysOn =
              Reads.is(asked, Rule.Kind.ONE_LESS)
                  && passed
                  && asked.reads().get(0).rule().kind() == Rule.Kind.TEN_MORE
                  && isZeroBefore(asked.reads().get(0).reads());
          return makesTen || paysOn || Reads.is(asked, Rule.Kind.NINE_MORE)
              ? Optional.of(left)
              : Optional.empty();
        };
  }

  private static boolean isZeroBefore(List<Entry> reads) {
    return reads.get(0).value().signum() == 0;
  }

  /** The small one low in the next column is not taken. */
  private static Change oneMoreForgotten(Problem problem) {
    return (Change.OfValues)
        asked -> {
          boolean difference =
              Reads.is(asked, Rule.Kind.DIFFERENCE, Rule.Kind.DIFFERENCE_WITH_TEN_MORE);
          if (!difference || !Reads.has(asked, Role.ONE_MORE)) {
            return Optional.empty();
          }
          BigInteger left = Reads.applied(asked, Reads.without(asked.reads(), Role.ONE_MORE));
          return oneFigure(asked, left).or(() -> Optional.of(left));
        };
  }
}
