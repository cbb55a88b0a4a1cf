package bemble.slip;

import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.plan.Asked;
import bemble.plan.Entry;
import bemble.plan.Fill;
import bemble.plan.Move;
import bemble.plan.Rule;
import bemble.plan.Shift;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.Optional;

/** Changes to plans in which columns are added. */
final class AddingSlips {
  private AddingSlips() {}

  static Change linedUpLeft(Problem problem) {
    int highest = problem.numbers().stream().mapToInt(Numeral::highestPlace).max().orElseThrow();
    return new Change() {
      @Override
      public int places(Shift shift, int place, int usual) {
        return shift == Shift.SET_OUT_LEFT ? highest - place : usual;
      }
    };
  }

  static Change carryNotAdded(Problem problem) {
    return (Change.OfValues)
        asked ->
            Reads.ofTotal(asked) && Reads.has(asked, Role.CARRY)
                ? Optional.of(Reads.applied(asked, Reads.without(asked.reads(), Role.CARRY)))
                : Optional.empty();
  }

  static Change carryAddedTwice(Problem problem) {
    return (Change.OfValues)
        asked ->
            Reads.ofTotal(asked) && Reads.has(asked, Role.CARRY)
                ? Optional.of(Reads.andAlso(asked, carryIn(asked)))
                : Optional.empty();
  }

  private static Entry carryIn(Asked asked) {
    return asked.reads().stream().filter(Reads::carried).findFirst().orElseThrow();
  }

  /** Whatever is over, a single one is carried. */
  static Change carryAlwaysOne(Problem problem) {
    return (Change.OfValues)
        asked ->
            isCarry(asked)
                    && asked.rule().equals(Rule.TENS_OF_TOTAL)
                    && asked.due().compareTo(BigInteger.ONE) > 0
                ? Optional.of(BigInteger.ONE)
                : Optional.empty();
  }

  static Change tensWrittenOnesCarried(Problem problem) {
    return (Change.OfValues)
        asked -> {
          BigInteger total = Reads.ofTotal(asked) ? Rule.TOTAL.applyTo(asked.reads()) : null;
          boolean carries = total != null && total.compareTo(BigInteger.TEN) >= 0;
          if (!carries || asked.rule().equals(Rule.TENS_OF_TOTAL) && !isCarry(asked)) {
            return Optional.empty();
          }
          return Optional.of(isCarry(asked) ? Whole.ones(total) : Whole.tens(total));
        };
  }

  private static boolean isCarry(Asked asked) {
    return asked.slot().role() == Role.CARRY;
  }

  static Change twoDigitsInOneSquare(Problem problem) {
    return Change.leavingOut(Move.CARRY);
  }

  /** A carry that was added stays in mind and is added once more in the next column. */
  static Change oldCarryAgain(Problem problem) {
    return new Change() {
      private Entry old;
      private int oldPlace = Integer.MIN_VALUE;

      @Override
      public Optional<Fill> instead(Asked asked) {
        boolean next = old != null && Reads.ofTotal(asked) && placeOf(asked) == oldPlace + 1;
        return next ? Optional.of(Fill.of(Reads.andAlso(asked, old))) : Optional.empty();
      }

      @Override
      public void written(Asked asked, BigInteger value) {
        if (Reads.ofTotal(asked)) {
          asked.reads().stream()
              .filter(Reads::carried)
              .filter(carry -> carry.value().signum() > 0)
              .findFirst()
              .ifPresent(
                  carry -> {
                    old = carry;
                    oldPlace = placeOf(asked);
                  });
        }
      }
    };
  }

  /** The column that is being added: what it reads stands there. */
  private static int placeOf(Asked asked) {
    return asked.section().number();
  }

  static Change lastCarryLost(Problem problem) {
    return (Change.ToBlank)
        asked ->
            asked.rule().equals(Rule.TENS_OF_TOTAL)
                && asked.slot().role() == Role.ANSWER
                && asked.due().signum() > 0;
  }

  static Change blankColumnSkipped(Problem problem) {
    return (Change.ToBlank)
        asked -> asked.rule().equals(Rule.ONES_OF_TOTAL) && asked.reads().size() == 1;
  }

  static Change factOneOut(Problem problem) {
    return (Change.OfValues)
        asked -> {
          BigInteger due = asked.due();
          if (Reads.is(asked, Rule.Kind.FIGURE_OF_TOTAL, Rule.Kind.FIGURE_OF_PAIRS)) {
            return Optional.of(due.add(BigInteger.ONE).mod(BigInteger.TEN));
          }
          boolean difference =
              Reads.is(asked, Rule.Kind.DIFFERENCE, Rule.Kind.DIFFERENCE_WITH_TEN_MORE);
          return difference && due.compareTo(BigInteger.valueOf(9)) < 0
              ? Optional.of(due.add(BigInteger.ONE))
              : Optional.empty();
        };
  }
}
