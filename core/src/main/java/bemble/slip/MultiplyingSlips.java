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
import bemble.procedure.Section;
import bemble.procedure.Shift;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;

/** Slips of multiplication, and the changes that each makes in the procedure. */
public final class MultiplyingSlips {
  public static final Slip NO_PLACEHOLDER =
      Slip.ofRule("no-placeholder", MultiplyingSlips::noPlaceholder);
  public static final Slip PLACEHOLDER_TOO_MANY =
      Slip.ofRule("placeholder-too-many", MultiplyingSlips::placeholderTooMany);
  public static final Slip PLACEHOLDER_TOO_FEW =
      Slip.ofRule("placeholder-too-few", MultiplyingSlips::placeholderTooFew);
  public static final Slip PRODUCTS_WRITTEN_WHOLE =
      Slip.ofRule("products-written-whole", MultiplyingSlips::productsWrittenWhole);
  public static final Slip PRODUCT_TENS_WRITTEN =
      AddingSlips.TENS_WRITTEN_ONES_CARRIED.form(
          "product-tens-written", MultiplyingSlips::tensWrittenOnesCarried);
  public static final Slip ROW_LEFT_OUT = Slip.ofRule("row-left-out", MultiplyingSlips::rowLeftOut);
  public static final Slip ROW_OF_ONES_LEFT_OUT =
      ROW_LEFT_OUT.form("row-of-ones-left-out", MultiplyingSlips::rowOfOnesLeftOut);
  public static final Slip HIGHEST_ROW_ONLY =
      ROW_LEFT_OUT.form("highest-row-only", MultiplyingSlips::highestRowOnly);
  public static final Slip MATCHING_PLACES_ONLY =
      Slip.ofRule("matching-places-only", MultiplyingSlips::matchingPlacesOnly);
  public static final Slip MATCHING_PLACES_IN_ONE_ROW =
      MATCHING_PLACES_ONLY.form(
          "matching-places-in-one-row", MultiplyingSlips::matchingPlacesInOneRow);
  public static final Slip ZERO_TIMES_GIVES_THE_NUMBER =
      Slip.ofRule("zero-times-gives-the-number", MultiplyingSlips::zeroTimesGivesTheNumber);
  public static final Slip MULTIPLIED_CARRY_NOT_ADDED =
      Slip.ofRule("multiplied-carry-not-added", MultiplyingSlips::carryNotAdded);
  public static final Slip NEIGHBOUR_IN_THE_TABLE =
      Slip.of(
          "neighbour-in-the-table", Slip.Kind.WRONG_TABLE, MultiplyingSlips::neighbourInTheTable);
  public static final Slip CARRY_ADDED_FIRST =
      Slip.ofRule("carry-added-first", MultiplyingSlips::carryAddedFirst);
  public static final Slip CARRY_OF_ROW_BEFORE =
      Slip.ofRule("carry-of-row-before", MultiplyingSlips::oldCarryAgain);
  public static final Slip TENS_BELOW_THE_CUT =
      Slip.ofRule("tens-below-the-cut", MultiplyingSlips::tensBelowTheCut);
  public static final Slip BOX_LEFT_OUT = Slip.ofRule("box-left-out", MultiplyingSlips::boxLeftOut);
  public static final Slip ZEROS_LOST_IN_BOX =
      Slip.ofRule("zeros-lost-in-box", MultiplyingSlips::zerosLostInBox);
  public static final Slip ALL_ZEROS_LOST_IN_BOX =
      ZEROS_LOST_IN_BOX.form("all-zeros-lost-in-box", MultiplyingSlips::allZerosLostInBox);
  public static final Slip MIDDLE_LEFT_OUT =
      Slip.ofRule("middle-left-out", MultiplyingSlips::middleLeftOut);
  public static final Slip ROWS_ADDED_UNSHIFTED =
      Slip.of("rows-added-unshifted", Slip.Kind.ON_PAGES, MultiplyingSlips::rowsAddedUnshifted);
  public static final Slip ROWS_ADDED_WRONGLY =
      Slip.ofRule("rows-added-wrongly", MultiplyingSlips::rowsAddedWrongly);

  static final List<Slip> ALL =
      List.of(
          NO_PLACEHOLDER,
          PLACEHOLDER_TOO_MANY,
          PLACEHOLDER_TOO_FEW,
          PRODUCTS_WRITTEN_WHOLE,
          PRODUCT_TENS_WRITTEN,
          ROW_LEFT_OUT,
          ROW_OF_ONES_LEFT_OUT,
          HIGHEST_ROW_ONLY,
          MATCHING_PLACES_ONLY,
          MATCHING_PLACES_IN_ONE_ROW,
          ZERO_TIMES_GIVES_THE_NUMBER,
          MULTIPLIED_CARRY_NOT_ADDED,
          NEIGHBOUR_IN_THE_TABLE,
          CARRY_ADDED_FIRST,
          CARRY_OF_ROW_BEFORE,
          TENS_BELOW_THE_CUT,
          BOX_LEFT_OUT,
          ZEROS_LOST_IN_BOX,
          ALL_ZEROS_LOST_IN_BOX,
          MIDDLE_LEFT_OUT,
          ROWS_ADDED_UNSHIFTED,
          ROWS_ADDED_WRONGLY);

  private MultiplyingSlips() {}

  private static Change noPlaceholder(Problem problem) {
    return Change.shifting(Shift.PLACES_HELD, 0);
  }

  private static Change placeholderTooMany(Problem problem) {
    return placesHeld(usual -> usual + 1);
  }

  /** One zero less where there are several; a single one is the slip of a zero left out. */
  private static Change placeholderTooFew(Problem problem) {
    return placesHeld(usual -> usual > 1 ? usual - 1 : usual);
  }

  private static Change placesHeld(IntUnaryOperator held) {
    return new Change() {
      @Override
      public int places(Shift shift, int place, int usual) {
        return shift == Shift.PLACES_HELD ? held.applyAsInt(usual) : usual;
      }
    };
  }

  /** Both figures of each product are written, one product beside the other. */
  private static Change productsWrittenWhole(Problem problem) {
    return Change.leavingOut(Move.CARRY_FROM_PRODUCT);
  }

  private static Change matchingPlacesInOneRow(Problem problem) {
    return Change.leavingOut(Move.ROW_FOR_EACH_FIGURE);
  }

  /**
   * The tens of a product stay and the ones move on; the last product of a row is written whole.
   */
  private static Change tensWrittenOnesCarried(Problem problem) {
    int highest = problem.numbers().get(0).highestPlace();
    return (Change.OfValues)
        asked -> {
          if (!inRow(asked) || asked.reads().get(0).slot().place() == highest) {
            return Optional.empty();
          }
          BigInteger tens = Rule.of(Rule.Kind.TENS_OF_PAIRS).applyTo(asked.reads());
          BigInteger ones = Rule.of(Rule.Kind.FIGURE_OF_PAIRS).applyTo(asked.reads());
          boolean carried = Reads.is(asked, Rule.Kind.TENS_OF_PAIRS);
          return tens.signum() > 0 ? Optional.of(carried ? ones : tens) : Optional.empty();
        };
  }

  /** The row of the lowest figure that is not 0 stays: a page without any row is no slip. */
  private static Change rowLeftOut(Problem problem) {
    Numeral multiplier = multiplier(problem);
    int lowest = 0;
    while (lowest < multiplier.highestPlace() && multiplier.digitAt(lowest) == 0) {
      lowest++;
    }
    int stays = lowest;
    return Change.leavingOut(Move.WRITE_ROW, place -> place > stays);
  }

  private static Change rowOfOnesLeftOut(Problem problem) {
    boolean others = multiplier(problem).highestPlace() > 0;
    return Change.leavingOut(Move.WRITE_ROW, place -> others && place == 0);
  }

  private static Numeral multiplier(Problem problem) {
    return problem.numbers().get(problem.numbers().size() - 1);
  }

  /** Only the row of the highest figure is worked; with two figures that is a form of its own. */
  private static Change highestRowOnly(Problem problem) {
    int highest = multiplier(problem).highestPlace();
    return Change.leavingOut(Move.WRITE_ROW, place -> highest > 1 && place < highest);
  }

  private static Change boxLeftOut(Problem problem) {
    return (Change.ToBlank) MultiplyingSlips::isBox;
  }

  private static boolean isBox(Asked asked) {
    return Reads.is(asked, Rule.Kind.PRODUCT)
        && asked.slot().role() == Role.PRODUCT
        && asked.section().kind() == Section.Kind.ROW;
  }

  /** The tens are written below the cut of a box and the ones above it. */
  private static Change tensBelowTheCut(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (asked.slot().role() != Role.HALF) {
            return Optional.empty();
          }
          Rule.Kind other =
              Reads.is(asked, Rule.Kind.FIGURE_OF_PAIRS)
                  ? Rule.Kind.TENS_OF_PAIRS
                  : Rule.Kind.FIGURE_OF_PAIRS;
          return Optional.of(Rule.of(other).applyTo(asked.reads()));
        };
  }

  static boolean inRow(Asked asked) {
    return Reads.ofPairs(asked) && asked.section().kind() == Section.Kind.ROW;
  }

  private static boolean withCarry(Asked asked) {
    return Reads.ofPairs(asked) && asked.reads().size() % 2 == 1;
  }

  private static Change carryNotAdded(Problem problem) {
    return (Change.OfValues)
        asked ->
            withCarry(asked)
                ? Optional.of(
                    Reads.applied(asked, asked.reads().subList(0, asked.reads().size() - 1)))
                : Optional.empty();
  }

  /** The product of the next line of the table, with whatever carry it then has. */
  private static Change neighbourInTheTable(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (!inRow(asked) || Reads.value(asked, 0).signum() == 0) {
            return Optional.empty();
          }
          BigInteger next = Reads.value(asked, 1).add(BigInteger.ONE);
          BigInteger carry = withCarry(asked) ? Reads.value(asked, 2) : BigInteger.ZERO;
          return Optional.of(Reads.part(asked, Reads.value(asked, 0).multiply(next).add(carry)));
        };
  }

  private static Change carryAddedFirst(Problem problem) {
    return (Change.OfValues)
        asked ->
            withCarry(asked) && inRow(asked)
                ? Optional.of(
                    Reads.part(
                        asked,
                        Reads.value(asked, 0)
                            .add(Reads.value(asked, 2))
                            .multiply(Reads.value(asked, 1))))
                : Optional.empty();
  }

  /** The last carry of the row before is added at the beginning of the next row. */
  private static Change oldCarryAgain(Problem problem) {
    return new Change() {
      private @Nullable Entry last;
      private int lastRow;

      @Override
      public Optional<Fill> instead(Asked asked) {
        boolean first = inRow(asked) && asked.reads().size() == 2 && isOnes(asked);
        return first && last != null && asked.section().number() > lastRow
            ? Optional.of(Fill.of(Reads.andAlso(asked, last)))
            : Optional.empty();
      }

      @Override
      public void written(Asked asked, BigInteger value) {
        if (inRow(asked) && withCarry(asked)) {
          last = asked.reads().get(2);
          lastRow = asked.section().number();
        }
      }
    };
  }

  private static boolean isOnes(Asked asked) {
    return asked.reads().get(0).slot().place() == 0;
  }

  private static Change matchingPlacesOnly(Problem problem) {
    return (Change.ToBlank)
        asked ->
            inRow(asked)
                && asked.reads().get(0).slot().place() != asked.reads().get(1).slot().place();
  }

  private static Change zeroTimesGivesTheNumber(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (!inRow(asked) && !isBox(asked)) {
            return Optional.empty();
          }
          BigInteger one = Reads.value(asked, 0);
          BigInteger other = Reads.value(asked, 1);
          if (one.signum() != 0 && other.signum() != 0) {
            return Optional.empty();
          }
          BigInteger carry = withCarry(asked) ? Reads.value(asked, 2) : BigInteger.ZERO;
          BigInteger given = one.max(other).add(carry);
          return Optional.of(isBox(asked) ? given : Reads.part(asked, given));
        };
  }

  private static Change zerosLostInBox(Problem problem) {
    return (Change.OfValues)
        asked -> {
          BigInteger due = asked.due();
          boolean zeros =
              isBox(asked)
                  && endsInZero(Reads.value(asked, 0))
                  && endsInZero(Reads.value(asked, 1));
          return zeros ? Optional.of(Whole.tens(due)) : Optional.empty();
        };
  }

  /** A box of tens holds the product of its first figures: 60 times 5 is 30. */
  private static Change allZerosLostInBox(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (!isBox(asked) || asked.due().signum() == 0) {
            return Optional.empty();
          }
          BigInteger first = withoutZeros(Reads.value(asked, 0));
          BigInteger figures = first.multiply(withoutZeros(Reads.value(asked, 1)));
          return figures.equals(asked.due()) ? Optional.empty() : Optional.of(figures);
        };
  }

  private static BigInteger withoutZeros(BigInteger part) {
    BigInteger figures = part;
    while (endsInZero(figures)) {
      figures = Whole.tens(figures);
    }
    return figures;
  }

  private static boolean endsInZero(BigInteger part) {
    return part.signum() > 0 && Whole.ones(part).signum() == 0;
  }

  /** Of a cross only the ends are multiplied: the middle brings nothing but its carry. */
  private static Change middleLeftOut(Problem problem) {
    int last = problem.numbers().stream().mapToInt(Numeral::highestPlace).sum();
    return (Change.OfValues)
        asked -> {
          int place = asked.section().number();
          boolean middle =
              Reads.ofPairs(asked)
                  && asked.section().kind() == Section.Kind.COLUMN
                  && place > 0
                  && place < last;
          if (!middle) {
            return Optional.empty();
          }
          BigInteger carry =
              withCarry(asked) ? Reads.value(asked, asked.reads().size() - 1) : BigInteger.ZERO;
          return Optional.of(Reads.part(asked, carry));
        };
  }

  private static Change rowsAddedUnshifted(Problem problem) {
    return new RowsUnshifted();
  }

  private static Change rowsAddedWrongly(Problem problem) {
    return AddingSlips.carryNotAdded(problem);
  }
}
