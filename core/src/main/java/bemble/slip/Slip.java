package bemble.slip;

import bemble.problem.Operation;
import bemble.problem.Problem;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The slips that are known by name, from what teachers of column arithmetic describe as their
 * pupils' usual ones. Where two explain the same figure, the one that stands first here is the
 * likelier.
 */
public enum Slip {
  LINED_UP_LEFT(
      Place.of("addition", "subtraction exchange", "subtraction add-to-both"),
      AddingSlips::linedUpLeft),
  LAST_CARRY_LOST(Place.of("addition"), AddingSlips::lastCarryLost),
  CARRY_NOT_ADDED(Place.of("addition"), AddingSlips::carryNotAdded),
  TENS_WRITTEN_ONES_CARRIED(Place.of("addition"), AddingSlips::tensWrittenOnesCarried),
  TWO_DIGITS_IN_ONE_SQUARE(Place.of("addition"), AddingSlips::twoDigitsInOneSquare),
  BLANK_COLUMN_SKIPPED(Place.of("addition"), AddingSlips::blankColumnSkipped),
  OLD_CARRY_AGAIN(Place.of("addition"), AddingSlips::oldCarryAgain),

  ZERO_PASSED_STAYS_ZERO(
      Place.of("subtraction exchange", "subtraction expanded"), TakingSlips::zeroStaysZero),
  ZERO_PASSED_BECOMES_TEN(
      Place.of("subtraction exchange", "subtraction expanded"), TakingSlips::zeroBecomesTen),
  NOTHING_GIVES_THE_NUMBER(Place.of("subtraction"), TakingSlips::nothingGivesTheNumber),
  NOTHING_GIVES_NOTHING(Place.of("subtraction"), TakingSlips::nothingGivesNothing),
  SMALLER_FROM_LARGER(Place.of("subtraction"), TakingSlips::smallerFromLarger),
  NEIGHBOUR_NOT_LESS(
      Place.of("subtraction exchange", "subtraction expanded"), TakingSlips::neighbourNotLess),
  ONE_MORE_FORGOTTEN(Place.of("subtraction add-to-both"), TakingSlips::oneMoreForgotten),
  LESS_WITHOUT_EXCHANGE(Place.of("subtraction"), TakingSlips::lessWithoutExchange),

  NO_PLACEHOLDER(Place.of("multiplication column"), MultiplyingSlips::noPlaceholder),
  ROW_LEFT_OUT(Place.of("multiplication column"), MultiplyingSlips::rowLeftOut),
  MATCHING_PLACES_ONLY(Place.of("multiplication column"), MultiplyingSlips::matchingPlacesOnly),
  ZERO_TIMES_GIVES_THE_NUMBER(
      Place.of("multiplication column", "multiplication area"),
      MultiplyingSlips::zeroTimesGivesTheNumber),
  MULTIPLIED_CARRY_NOT_ADDED(
      Place.of("multiplication column", "multiplication crosswise"),
      MultiplyingSlips::carryNotAdded),
  CARRY_ADDED_FIRST(Place.of("multiplication column"), MultiplyingSlips::carryAddedFirst),
  CARRY_OF_ROW_BEFORE(Place.of("multiplication column"), MultiplyingSlips::oldCarryAgain),
  BOX_LEFT_OUT(Place.of("multiplication area"), MultiplyingSlips::boxLeftOut),
  ZEROS_LOST_IN_BOX(Place.of("multiplication area"), MultiplyingSlips::zerosLostInBox),
  MIDDLE_LEFT_OUT(Place.of("multiplication crosswise"), MultiplyingSlips::middleLeftOut),
  ROWS_ADDED_WRONGLY(
      Place.of("multiplication column", "multiplication area"), MultiplyingSlips::rowsAddedWrongly),

  ZERO_LEFT_OUT(Place.of("division long"), DividingSlips::zeroLeftOut),
  REMAINDER_DROPPED(Place.of("division long"), DividingSlips::remainderDropped),
  NOT_BROUGHT_DOWN(Place.of("division long"), DividingSlips::notBroughtDown),
  BROUGHT_DOWN_TWICE(Place.of("division long"), DividingSlips::broughtDownTwice),
  SUBTRACTION_SLIP(Place.of("division long", "root"), DividingSlips::subtractionSlip),
  TRIAL_TOO_SMALL(Place.of("division long", "root"), DividingSlips::trialTooSmall),
  TRIAL_TOO_LARGE(Place.of("division long", "root"), DividingSlips::trialTooLarge),
  FROM_THE_ONES_END(Place.of("division long"), DividingSlips::fromTheOnesEnd),

  PAIRS_FROM_WRONG_END(Place.of("root"), DividingSlips::pairsFromTheWrongEnd),
  NOT_DOUBLED(Place.of("root"), DividingSlips::notDoubled),
  DIGIT_NOT_BESIDE(Place.of("root"), DividingSlips::digitNotBeside),
  ZERO_LEFT_OUT_OF_ROOT(Place.of("root"), DividingSlips::zeroLeftOutOfRoot),
  POINT_MISPLACED(Place.of("root"), DividingSlips::pointMisplaced),
  ONE_DIGIT_DOWN(Place.of("root"), DividingSlips::oneDigitDown),

  FACT_ONE_OUT(
      Place.of("addition", "subtraction", "multiplication column", "multiplication crosswise"),
      AddingSlips::factOneOut);

  /**
   * Where a slip can happen.
   *
   * @param spots operations, or operations with one of their methods
   */
  private record Place(Set<String> spots) {
    static Place of(String... spots) {
      return new Place(Set.of(spots));
    }

    boolean has(Operation operation, String method) {
      return spots.contains(operation.id()) || spots.contains(operation.id() + " " + method);
    }
  }

  private final Place place;
  private final Change.Maker maker;

  Slip(Place place, Change.Maker maker) {
    this.place = place;
    this.maker = maker;
  }

  /** A stable name: {@code carry-not-added}. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Whether it happens when the sum is set out, and so not where that was done for the writer. */
  public boolean isOfSettingOut() {
    return this == LINED_UP_LEFT;
  }

  /** The slips that can happen in a method, the likelier first. */
  public static List<Slip> of(Operation operation, String method) {
    return Arrays.stream(values()).filter(slip -> slip.place.has(operation, method)).toList();
  }

  /** The slip of that name, if there is one. */
  public static Optional<Slip> find(String id) {
    return Arrays.stream(values()).filter(slip -> slip.id().equals(id)).findFirst();
  }

  Change change(Problem problem) {
    return maker.of(problem);
  }
}
