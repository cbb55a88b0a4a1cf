package bemble.slip;

import bemble.problem.Problem;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The slips that are known by name, from what teachers of column arithmetic describe as their
 * pupils' usual ones. A method knows which of them happen in it, and which is likelier.
 */
public enum Slip {
  LINED_UP_LEFT(Kind.SETTING_OUT, AddingSlips::linedUpLeft),
  LINED_UP_RIGHT(Kind.IN_ANSWERS, AddingSlips::linedUpRight),
  POINT_LEFT_OUT(Kind.IN_ANSWERS, AddingSlips::pointLeftOut),
  POINT_MOVED(Kind.IN_ANSWERS, AddingSlips::pointMoved),
  POINT_MOVED_RIGHT(Kind.IN_ANSWERS, AddingSlips::pointMovedRight, POINT_MOVED),
  NUMBER_TOO_FAR_LEFT(Kind.SETTING_OUT, AddingSlips::numberTooFarLeft),
  LOWER_NUMBER_TOO_FAR_LEFT(
      Kind.IN_ANSWERS, AddingSlips::lowerNumberTooFarLeft, NUMBER_TOO_FAR_LEFT),
  NUMBER_TOO_FAR_RIGHT(Kind.SETTING_OUT, AddingSlips::numberTooFarRight),
  LAST_CARRY_LOST(AddingSlips::lastCarryLost),
  CARRY_NOT_ADDED(AddingSlips::carryNotAdded),
  TENS_WRITTEN_ONES_CARRIED(AddingSlips::tensWrittenOnesCarried),
  TWO_DIGITS_IN_ONE_SQUARE(AddingSlips::twoDigitsInOneSquare),
  CARRY_ADDED_TWICE(AddingSlips::carryAddedTwice),
  CARRY_ALWAYS_ONE(AddingSlips::carryAlwaysOne),
  CARRY_WITHOUT_NEED(AddingSlips::carryWithoutNeed),
  FIGURE_SKIPPED(AddingSlips::figureSkipped),
  BLANK_COLUMN_SKIPPED(AddingSlips::blankColumnSkipped),
  OLD_CARRY_AGAIN(AddingSlips::oldCarryAgain),
  TAKEN_INSTEAD(Kind.WHOLE_SUM, OperationSlips::takenInsteadOfAdded),

  ZERO_PASSED_STAYS_ZERO(TakingSlips::zeroStaysZero),
  ZERO_PASSED_BECOMES_TEN(TakingSlips::zeroBecomesTen),
  NOTHING_GIVES_THE_NUMBER(TakingSlips::nothingGivesTheNumber),
  NOTHING_TAKEN_GIVES_NOTHING(TakingSlips::nothingTakenGivesNothing),
  TOO_SMALL_GIVES_NOTHING(TakingSlips::tooSmallGivesNothing),
  ADDED_INSTEAD(TakingSlips::addedInstead),
  ADDED_AS_A_SUM(Kind.WHOLE_SUM, OperationSlips::addedAsASum, ADDED_INSTEAD),
  NOTHING_GIVES_NOTHING(TakingSlips::nothingGivesNothing),
  SMALLER_FROM_LARGER(TakingSlips::smallerFromLarger),
  SMALLER_FROM_LARGER_EVEN_FROM_ZERO(
      TakingSlips::smallerFromLargerEvenFromZero, SMALLER_FROM_LARGER),
  NEIGHBOUR_NOT_LESS(Kind.UNPAID_TEN, TakingSlips::neighbourNotLess),
  ONE_MORE_FORGOTTEN(Kind.UNPAID_TEN, TakingSlips::oneMoreForgotten),
  LESS_WITHOUT_EXCHANGE(TakingSlips::lessWithoutExchange),
  NOBODY_PAYS(Kind.UNPAID_TEN, TakingSlips::nobodyPays),

  NO_PLACEHOLDER(MultiplyingSlips::noPlaceholder),
  PLACEHOLDER_TOO_MANY(MultiplyingSlips::placeholderTooMany),
  PLACEHOLDER_TOO_FEW(MultiplyingSlips::placeholderTooFew),
  PRODUCTS_WRITTEN_WHOLE(MultiplyingSlips::productsWrittenWhole),
  PRODUCT_TENS_WRITTEN(MultiplyingSlips::tensWrittenOnesCarried, TENS_WRITTEN_ONES_CARRIED),
  ROW_LEFT_OUT(MultiplyingSlips::rowLeftOut),
  ROW_OF_ONES_LEFT_OUT(MultiplyingSlips::rowOfOnesLeftOut, ROW_LEFT_OUT),
  HIGHEST_ROW_ONLY(MultiplyingSlips::highestRowOnly, ROW_LEFT_OUT),
  MATCHING_PLACES_ONLY(MultiplyingSlips::matchingPlacesOnly),
  MATCHING_PLACES_IN_ONE_ROW(MultiplyingSlips::matchingPlacesInOneRow, MATCHING_PLACES_ONLY),
  ZERO_TIMES_GIVES_THE_NUMBER(MultiplyingSlips::zeroTimesGivesTheNumber),
  ADDED_INSTEAD_OF_MULTIPLIED(OperationSlips::addedInsteadOfMultiplied),
  ADDED_TO_THE_ONES(Kind.WHOLE_SUM, OperationSlips::addedToTheOnes, ADDED_INSTEAD_OF_MULTIPLIED),
  ADDED_AS_ONE_ROW(Kind.WHOLE_SUM, OperationSlips::addedAsOneRow, ADDED_INSTEAD_OF_MULTIPLIED),
  MULTIPLIED_CARRY_NOT_ADDED(MultiplyingSlips::carryNotAdded),
  NEIGHBOUR_IN_THE_TABLE(Kind.WRONG_TABLE, MultiplyingSlips::neighbourInTheTable),
  CARRY_ADDED_FIRST(MultiplyingSlips::carryAddedFirst),
  CARRY_OF_ROW_BEFORE(MultiplyingSlips::oldCarryAgain),
  TENS_BELOW_THE_CUT(MultiplyingSlips::tensBelowTheCut),
  BOX_LEFT_OUT(MultiplyingSlips::boxLeftOut),
  ZEROS_LOST_IN_BOX(MultiplyingSlips::zerosLostInBox),
  ALL_ZEROS_LOST_IN_BOX(MultiplyingSlips::allZerosLostInBox, ZEROS_LOST_IN_BOX),
  MIDDLE_LEFT_OUT(MultiplyingSlips::middleLeftOut),
  ROWS_ADDED_UNSHIFTED(Kind.ON_PAGES, MultiplyingSlips::rowsAddedUnshifted),
  ROWS_ADDED_WRONGLY(MultiplyingSlips::rowsAddedWrongly),

  ZERO_LEFT_OUT(DividingSlips::zeroLeftOut),
  ZERO_LEFT_BLANK(DividingSlips::zeroLeftBlank, ZERO_LEFT_OUT),
  QUOTIENT_LEFT(DividingSlips::quotientLeft),
  LEFT_OVER_LOST(DividingSlips::leftOverLost),
  LEFT_OVER_ADDED(DividingSlips::leftOverAdded),
  COUNT_NOT_ADDED(DividingSlips::countNotAdded),
  ZEROS_OF_COUNT_LOST(DividingSlips::zerosOfCountLost),
  REMAINDER_DROPPED(DividingSlips::remainderDropped),
  NOT_BROUGHT_DOWN(DividingSlips::notBroughtDown),
  BROUGHT_DOWN_TWICE(DividingSlips::broughtDownTwice),
  SUBTRACTION_SLIP(DividingSlips::subtractionSlip),
  TRIAL_TOO_SMALL(DividingSlips::trialTooSmall),
  TRIAL_TOO_LARGE(DividingSlips::trialTooLarge),
  TWO_FIGURES_IN_ONE_PLACE(DividingSlips::twoFiguresInOnePlace),
  FROM_THE_ONES_END(DividingSlips::fromTheOnesEnd),

  PAIRS_FROM_WRONG_END(DividingSlips::pairsFromTheWrongEnd),
  PAIRS_FROM_LEFT(
      Kind.IN_ANSWERS, problem -> new PairsFromLeft(problem, false), PAIRS_FROM_WRONG_END),
  PAIRS_FROM_LEFT_FILLED_UP(
      Kind.IN_ANSWERS, problem -> new PairsFromLeft(problem, true), PAIRS_FROM_WRONG_END),
  NOT_DOUBLED(DividingSlips::notDoubled),
  LAST_FIGURE_DOUBLED(DividingSlips::lastFigureDoubled),
  DIGIT_NOT_BESIDE(DividingSlips::digitNotBeside),
  ZERO_LEFT_OUT_OF_ROOT(DividingSlips::zeroLeftOutOfRoot),
  POINT_MISPLACED(DividingSlips::pointMisplaced),
  ONE_DIGIT_DOWN(DividingSlips::oneDigitDown),

  FACT_ONE_OUT(Kind.MISSED_FACT, AddingSlips::factOneOut),
  FIGURE_MISREAD(Kind.MISREAD, AddingSlips::figureMisread);

  private static final Map<String, Slip> BY_ID =
      Arrays.stream(values()).collect(Collectors.toUnmodifiableMap(Slip::id, slip -> slip));

  /** What is missed in a slip. */
  private enum Kind {
    /** A rule of the method. */
    RULE,
    /** A rule whose breach gives the answers of a likelier slip, and is told from a page alone. */
    ON_PAGES,
    /** The operation: the whole sum is another one. */
    WHOLE_SUM,
    /** Where the sum is set out: nothing where that was done for the writer. */
    SETTING_OUT,
    /**
     * Where the sum is set out, and told from the answer alone: on squared paper it is seen where
     * the numbers stand.
     */
    IN_ANSWERS,
    /** A number fact that somebody has wrong. */
    MISSED_FACT,
    /** The table of a whole row of products, which is taken from another one. */
    WRONG_TABLE,
    /** A figure that is read as another. */
    MISREAD,
    /** The payment for ten more in the next column. */
    UNPAID_TEN
  }

  private final Kind kind;
  private final Change.Maker maker;
  private final Slip named;
  private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

  Slip(Change.Maker maker) {
    this(Kind.RULE, maker);
  }

  Slip(Kind kind, Change.Maker maker) {
    this.kind = kind;
    this.maker = maker;
    this.named = this;
  }

  /** Another form in which a slip is written. */
  Slip(Change.Maker maker, Slip named) {
    this(named.kind, maker, named);
  }

  /** Another form of a slip that is told in another way. */
  Slip(Kind kind, Change.Maker maker, Slip named) {
    this.kind = kind;
    this.maker = maker;
    this.named = named;
  }

  /** The slip of which this is a form: the misunderstanding is the same and has one name. */
  public Slip named() {
    return named;
  }

  /** A stable name: {@code carry-not-added}. */
  public String id() {
    return id;
  }

  /** Whether it happens when the sum is set out, and so not where that was done for the writer. */
  public boolean isOfSettingOut() {
    return kind == Kind.SETTING_OUT || kind == Kind.IN_ANSWERS;
  }

  /** Whether pages show it. */
  public boolean isToldByPages() {
    return kind != Kind.IN_ANSWERS;
  }

  /** Whether a number fact is missed in it or a figure misread, and no rule of the method. */
  public boolean isOfFacts() {
    return kind == Kind.MISSED_FACT || kind == Kind.MISREAD;
  }

  /** Whether its answers tell it from other slips and from missed facts. */
  public boolean isToldByAnswers() {
    return !isOfFacts() && kind != Kind.ON_PAGES;
  }

  /** Whether it is made in the whole sum, or in none of it: another operation, for most. */
  public boolean isOfWholeSum() {
    return kind == Kind.WHOLE_SUM || kind == Kind.IN_ANSWERS;
  }

  /** Whether it is a number fact that somebody has wrong. */
  public boolean isMissedFact() {
    return kind == Kind.MISSED_FACT || kind == Kind.WRONG_TABLE;
  }

  /** Whether ten more are taken for which nothing is paid in the next column. */
  public boolean leavesUnpaid() {
    return kind == Kind.UNPAID_TEN;
  }

  /** The slip of that name, if there is one. */
  public static Optional<Slip> find(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }

  Change change(Problem problem) {
    return maker.of(problem);
  }
}
