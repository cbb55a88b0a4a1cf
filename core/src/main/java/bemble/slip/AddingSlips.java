package bemble.slip;

import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Fill;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Shift;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

/** Slips in the addition of columns, and the changes that each makes in the procedure. */
public final class AddingSlips {
  public static final Slip LINED_UP_LEFT =
      Slip.of("lined-up-left", Slip.Kind.SETTING_OUT, AddingSlips::linedUpLeft);
  public static final Slip LINED_UP_RIGHT =
      Slip.of("lined-up-right", Slip.Kind.IN_ANSWERS, AddingSlips::linedUpRight);
  public static final Slip POINT_LEFT_OUT =
      Slip.of("point-left-out", Slip.Kind.IN_ANSWERS, AddingSlips::pointLeftOut);
  public static final Slip POINT_MOVED =
      Slip.of("point-moved", Slip.Kind.IN_ANSWERS, AddingSlips::pointMoved);
  public static final Slip POINT_MOVED_RIGHT =
      POINT_MOVED.form("point-moved-right", AddingSlips::pointMovedRight);
  public static final Slip NUMBER_TOO_FAR_LEFT =
      Slip.of("number-too-far-left", Slip.Kind.SETTING_OUT, AddingSlips::numberTooFarLeft);
  public static final Slip LOWER_NUMBER_TOO_FAR_LEFT =
      NUMBER_TOO_FAR_LEFT.form(
          "lower-number-too-far-left", Slip.Kind.IN_ANSWERS, AddingSlips::lowerNumberTooFarLeft);
  public static final Slip NUMBER_TOO_FAR_RIGHT =
      Slip.of("number-too-far-right", Slip.Kind.SETTING_OUT, AddingSlips::numberTooFarRight);
  public static final Slip LAST_CARRY_LOST =
      Slip.ofRule("last-carry-lost", AddingSlips::lastCarryLost);
  public static final Slip CARRY_NOT_ADDED =
      Slip.ofRule("carry-not-added", AddingSlips::carryNotAdded);
  public static final Slip TENS_WRITTEN_ONES_CARRIED =
      Slip.ofRule("tens-written-ones-carried", AddingSlips::tensWrittenOnesCarried);
  public static final Slip TWO_DIGITS_IN_ONE_SQUARE =
      Slip.ofRule("two-digits-in-one-square", AddingSlips::twoDigitsInOneSquare);
  public static final Slip CARRY_ADDED_TWICE =
      Slip.ofRule("carry-added-twice", AddingSlips::carryAddedTwice);
  public static final Slip CARRY_ALWAYS_ONE =
      Slip.ofRule("carry-always-one", AddingSlips::carryAlwaysOne);
  public static final Slip CARRY_WITHOUT_NEED =
      Slip.ofRule("carry-without-need", AddingSlips::carryWithoutNeed);
  public static final Slip FIGURE_SKIPPED =
      Slip.ofRule("figure-skipped", AddingSlips::figureSkipped);
  public static final Slip BLANK_COLUMN_SKIPPED =
      Slip.ofRule("blank-column-skipped", AddingSlips::blankColumnSkipped);
  public static final Slip OLD_CARRY_AGAIN =
      Slip.ofRule("old-carry-again", AddingSlips::oldCarryAgain);

  static final List<Slip> ALL =
      List.of(
          LINED_UP_LEFT,
          LINED_UP_RIGHT,
          POINT_LEFT_OUT,
          POINT_MOVED,
          POINT_MOVED_RIGHT,
          NUMBER_TOO_FAR_LEFT,
          LOWER_NUMBER_TOO_FAR_LEFT,
          NUMBER_TOO_FAR_RIGHT,
          LAST_CARRY_LOST,
          CARRY_NOT_ADDED,
          TENS_WRITTEN_ONES_CARRIED,
          TWO_DIGITS_IN_ONE_SQUARE,
          CARRY_ADDED_TWICE,
          CARRY_ALWAYS_ONE,
          CARRY_WITHOUT_NEED,
          FIGURE_SKIPPED,
          BLANK_COLUMN_SKIPPED,
          OLD_CARRY_AGAIN);

  private AddingSlips() {}

  private static Change linedUpLeft(Problem problem) {
    int highest = highest(problem);
    return new Change() {
      @Override
      public int places(Shift shift, int place, int usual) {
        return shift == Shift.SET_OUT_LEFT ? highest - place : usual;
      }
    };
  }

  /** Decimals are lined up by their last figures: 4.7 and 2.63 give 3.10. */
  private static Change linedUpRight(Problem problem) {
    List<Numeral> numbers = problem.numbers();
    int lowest = lowest(problem);
    boolean isTaken = problem.operation() == Operation.SUBTRACTION;
    boolean isRoom = !isTaken || numbers.get(0).lowestPlace() == lowest;
    return new Change() {
      // Of a subtraction only the number below is lined up with another.
      private int next = isTaken ? 1 : 0;

      @Override
      public int places(Shift shift, int place, int usual) {
        if (shift != Shift.SET_OUT_LEFT || !isRoom || next >= numbers.size()) {
          return usual;
        }
        return lowest - numbers.get(next++).lowestPlace();
      }
    };
  }

  /** The answer has no point: 4.7 and 2.6 give 73. */
  private static Change pointLeftOut(Problem problem) {
    return Change.shifting(Shift.POINT_AFTER, lowest(problem));
  }

  /** The point of the answer stands a figure too early: 4.7 and 2.6 give 0.73. */
  private static Change pointMoved(Problem problem) {
    return Change.shifting(Shift.POINT_AFTER, 1);
  }

  /** The point stands a figure too late, with a figure behind it: 4.75 and 2.6 give 73.5. */
  private static Change pointMovedRight(Problem problem) {
    return Change.shifting(Shift.POINT_AFTER, lowest(problem) < -1 ? -1 : 0);
  }

  private static int lowest(Problem problem) {
    return problem.numbers().stream().mapToInt(Numeral::lowestPlace).min().orElseThrow();
  }

  /** The shortest number stands one place too far left; one that ends flush then is lined up. */
  private static Change numberTooFarLeft(Problem problem) {
    List<Integer> ends = problem.numbers().stream().map(Numeral::highestPlace).sorted().toList();
    int shortest = ends.get(0);
    boolean isAlone = ends.lastIndexOf(shortest) == 0 && highest(problem) - shortest > 1;
    return onePlaceLeft(problem, place -> isAlone && place == shortest);
  }

  /**
   * Of two numbers the lower one, as long as the other or a figure shorter, stands a place too far
   * left.
   */
  private static Change lowerNumberTooFarLeft(Problem problem) {
    List<Numeral> numbers = problem.numbers();
    int shorter =
        numbers.size() == 2 ? numbers.get(0).highestPlace() - numbers.get(1).highestPlace() : -1;
    boolean isPair = shorter == 0 || shorter == 1;
    Change both = onePlaceLeft(problem, place -> isPair);
    return new Change() {
      private boolean isUpperSetOut;

      @Override
      public int places(Shift shift, int place, int usual) {
        boolean isLower = isUpperSetOut;
        isUpperSetOut |= shift == Shift.SET_OUT_LEFT;
        return isLower ? both.places(shift, place, usual) : usual;
      }
    };
  }

  /** Of two numbers the longer stands one place too far left: the shorter is too far right. */
  private static Change numberTooFarRight(Problem problem) {
    List<Numeral> numbers = problem.numbers();
    int longer = highest(problem);
    // The sign stands before the last number, where it is the longer.
    boolean isRoom = numbers.size() == 2 && numbers.get(1).highestPlace() < longer;
    return onePlaceLeft(problem, place -> isRoom && place == longer);
  }

  private static Change onePlaceLeft(Problem problem, IntPredicate byHighestPlace) {
    boolean whole = problem.numbers().stream().allMatch(number -> number.lowestPlace() == 0);
    return new Change() {
      @Override
      public int places(Shift shift, int place, int usual) {
        boolean here = whole && shift == Shift.SET_OUT_LEFT && byHighestPlace.test(place);
        return here ? 1 : usual;
      }
    };
  }

  static int highest(Problem problem) {
    return problem.numbers().stream().mapToInt(Numeral::highestPlace).max().orElseThrow();
  }

  static Change carryNotAdded(Problem problem) {
    return (Change.OfValues)
        asked ->
            Reads.ofTotal(asked) && Reads.has(asked, Role.CARRY)
                ? Optional.of(Reads.applied(asked, Reads.without(asked.reads(), Role.CARRY)))
                : Optional.empty();
  }

  private static Change carryAddedTwice(Problem problem) {
    return (Change.OfValues)
        asked ->
            Reads.ofTotal(asked) && Reads.has(asked, Role.CARRY)
                ? Optional.of(Reads.andAlso(asked, carryIn(asked)))
                : Optional.empty();
  }

  private static Entry carryIn(Asked asked) {
    return asked.reads().stream().filter(Reads::carried).findFirst().orElseThrow();
  }

  /** Carries one, however many tens there are. */
  private static Change carryAlwaysOne(Problem problem) {
    return (Change.OfValues)
        asked ->
            isCarry(asked)
                    && asked.rule().equals(Rule.TENS_OF_TOTAL)
                    && asked.due().compareTo(BigInteger.ONE) > 0
                ? Optional.of(BigInteger.ONE)
                : Optional.empty();
  }

  /** A column of less than ten carries one all the same. */
  private static Change carryWithoutNeed(Problem problem) {
    return (Change.OfValues)
        asked ->
            isCarry(asked) && asked.rule().equals(Rule.TENS_OF_TOTAL) && asked.due().signum() == 0
                ? Optional.of(BigInteger.ONE)
                : Optional.empty();
  }

  /** Of three and more figures in a column one is not counted: the last, or any other. */
  private static Change figureSkipped(Problem problem) {
    return new Change() {
      @Override
      public Optional<Fill> instead(Asked asked) {
        List<Entry> figures = Reads.without(asked.reads(), Role.CARRY);
        return figures.isEmpty()
            ? Optional.empty()
            : insteadAt(figures.get(figures.size() - 1).slot().square(), asked);
      }

      @Override
      public Optional<Fill> insteadAt(Square figure, Asked asked) {
        List<Entry> counted =
            asked.reads().stream()
                .filter(entry -> Reads.carried(entry) || !entry.slot().square().equals(figure))
                .toList();
        boolean several = Reads.without(asked.reads(), Role.CARRY).size() >= 3;
        return Reads.ofTotal(asked) && several && counted.size() < asked.reads().size()
            ? Optional.of(Fill.of(Reads.applied(asked, counted)))
            : Optional.empty();
      }
    };
  }

  private static Change tensWrittenOnesCarried(Problem problem) {
    return (Change.OfValues)
        asked -> {
          BigInteger total = Reads.ofTotal(asked) ? Rule.TOTAL.applyTo(asked.reads()) : null;
          if (total == null
              || total.compareTo(BigInteger.TEN) < 0
              || asked.rule().equals(Rule.TENS_OF_TOTAL) && !isCarry(asked)) {
            return Optional.empty();
          }
          return Optional.of(isCarry(asked) ? Whole.ones(total) : Whole.tens(total));
        };
  }

  private static boolean isCarry(Asked asked) {
    return asked.slot().role() == Role.CARRY;
  }

  private static Change twoDigitsInOneSquare(Problem problem) {
    return Change.leavingOut(Move.CARRY);
  }

  /** A carry that was added stays in mind and is added once more in the next column. */
  private static Change oldCarryAgain(Problem problem) {
    return new Change() {
      private @Nullable Entry old;
      private int oldPlace = Integer.MIN_VALUE;

      @Override
      public Optional<Fill> instead(Asked asked) {
        return old != null && Reads.ofTotal(asked) && placeOf(asked) == oldPlace + 1
            ? Optional.of(Fill.of(Reads.andAlso(asked, old)))
            : Optional.empty();
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

  /** The column that is being added: the place of the entries that are read. */
  private static int placeOf(Asked asked) {
    return asked.section().number();
  }

  private static Change lastCarryLost(Problem problem) {
    return (Change.ToBlank)
        asked ->
            asked.rule().equals(Rule.TENS_OF_TOTAL)
                && asked.slot().role() == Role.ANSWER
                && asked.due().signum() > 0;
  }

  private static Change blankColumnSkipped(Problem problem) {
    return (Change.ToBlank)
        asked -> asked.rule().equals(Rule.ONES_OF_TOTAL) && asked.reads().size() == 1;
  }
}
