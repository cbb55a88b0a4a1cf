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
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Slips in which another operation is carried out than the sign says. */
public final class OperationSlips {
  public static final Slip TAKEN_INSTEAD =
      Slip.of("taken-instead", Slip.Kind.WHOLE_SUM, OperationSlips::takenInsteadOfAdded);
  public static final Slip ADDED_AS_A_SUM =
      TakingSlips.ADDED_INSTEAD.form(
          "added-as-a-sum", Slip.Kind.WHOLE_SUM, OperationSlips::addedAsASum);
  public static final Slip ADDED_INSTEAD_OF_MULTIPLIED =
      Slip.ofRule("added-instead-of-multiplied", OperationSlips::addedInsteadOfMultiplied);
  public static final Slip ADDED_TO_THE_ONES =
      ADDED_INSTEAD_OF_MULTIPLIED.form(
          "added-to-the-ones", Slip.Kind.WHOLE_SUM, OperationSlips::addedToTheOnes);
  public static final Slip ADDED_AS_ONE_ROW =
      ADDED_INSTEAD_OF_MULTIPLIED.form(
          "added-as-one-row", Slip.Kind.WHOLE_SUM, OperationSlips::addedAsOneRow);

  static final List<Slip> ALL =
      List.of(
          TAKEN_INSTEAD,
          ADDED_AS_A_SUM,
          ADDED_INSTEAD_OF_MULTIPLIED,
          ADDED_TO_THE_ONES,
          ADDED_AS_ONE_ROW);

  private static final BigInteger ZERO = BigInteger.ZERO;

  private OperationSlips() {}

  /** Of two numbers the second is taken from the first, with an exchange where it is needed. */
  private static Change takenInsteadOfAdded(Problem problem) {
    int highest = AddingSlips.highest(problem);
    List<Numeral> numbers = problem.numbers();
    boolean turned =
        numbers.size() == 2 && numbers.get(0).value().compareTo(numbers.get(1).value()) < 0;
    Set<Integer> owing = new HashSet<>();
    return new Change() {
      @Override
      public Optional<Fill> instead(Asked asked) {
        List<Entry> figures = Reads.without(asked.reads(), Role.CARRY);
        if (!Reads.ofTotal(asked) || problem.numbers().size() != 2 || figures.isEmpty()) {
          return Optional.empty();
        }
        if (!asked.rule().equals(Rule.ONES_OF_TOTAL)) {
          return Optional.of(Fill.BLANK);
        }
        int place = asked.slot().place();
        boolean both = figures.size() > 1;
        BigInteger left = figures.get(both && turned ? 1 : 0).value();
        left = left.subtract(owing.contains(place) ? BigInteger.ONE : ZERO);
        left = both ? left.subtract(figures.get(turned ? 0 : 1).value()) : left;
        if (left.signum() >= 0 || place == highest) {
          return Optional.of(Fill.of(left.abs()));
        }
        owing.add(place + 1);
        return Optional.of(Fill.of(left.add(BigInteger.TEN)));
      }
    };
  }

  /** The whole difference is worked as a sum, with its carries. */
  private static Change addedAsASum(Problem problem) {
    int highest = AddingSlips.highest(problem);
    Map<Integer, BigInteger> carries = new HashMap<>();
    Change.OfValues values =
        asked -> {
          if (!TakingSlips.isColumn(asked)
              || !Reads.is(asked, Rule.Kind.DIFFERENCE, Rule.Kind.SAME)) {
            return Optional.empty();
          }
          int place = asked.slot().place();
          BigInteger total =
              Rule.TOTAL.applyTo(asked.reads()).add(carries.getOrDefault(place, ZERO));
          carries.put(place + 1, Whole.tens(total));
          return Optional.of(place == highest ? total : Whole.ones(total));
        };
    return Change.both(values, TakingSlips.NO_EXCHANGE);
  }

  /** In a row of products each figure and the figure of the multiplier are added. */
  private static Change addedInsteadOfMultiplied(Problem problem) {
    return (Change.OfValues)
        asked ->
            MultiplyingSlips.inRow(asked)
                ? Optional.of(Reads.part(asked, Rule.TOTAL.applyTo(asked.reads())))
                : Optional.empty();
  }

  /** Both numbers are added as they stand under one another: 96 times 33 gives 129. */
  private static Change addedAsOneRow(Problem problem) {
    Numeral one = problem.numbers().get(0);
    Numeral other = problem.numbers().get(problem.numbers().size() - 1);
    boolean fits = other.length() > 1 && other.length() <= one.length() && other.digitAt(0) > 0;
    BigInteger sum = one.unscaled().add(other.unscaled());
    Change.OfValues values =
        asked -> {
          if (!fits || !MultiplyingSlips.inRow(asked)) {
            return Optional.empty();
          }
          BigInteger worth = BigInteger.TEN.pow(asked.slot().place());
          BigInteger carried =
              one.unscaled().mod(worth).add(other.unscaled().mod(worth)).divide(worth);
          boolean carry = asked.slot().role() == Role.CARRY;
          return Optional.of(carry ? carried : Whole.ones(sum.divide(worth)));
        };
    return Change.both(values, Change.leavingOut(Move.WRITE_ROW, place -> fits && place > 0));
  }

  /** The only figure of the multiplier is added to the ones, and the rest stays as it is. */
  private static Change addedToTheOnes(Problem problem) {
    List<Numeral> numbers = problem.numbers();
    boolean oneFigure = numbers.size() == 2 && numbers.get(1).length() == 1;
    return (Change.OfValues)
        asked -> {
          if (!oneFigure || !MultiplyingSlips.inRow(asked)) {
            return Optional.empty();
          }
          BigInteger total = Rule.TOTAL.applyTo(asked.reads());
          boolean ones = asked.reads().get(0).slot().place() == 0;
          return Optional.of(
              Reads.part(asked, ones ? total : total.subtract(Reads.value(asked, 1))));
        };
  }
}
