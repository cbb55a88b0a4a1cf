package bemble.style;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Everything that a class may choose for itself, in the order in which it is shown. */
public enum Setting {
  CARRY_WORD(Group.WORDS, Choice.CarryWord.class),
  EXCHANGE_WORD(Group.WORDS, Choice.ExchangeWord.class),
  FIRST_PLACE_WORD(Group.WORDS, Choice.FirstPlaceWord.class),
  QUESTIONS(Group.WORDS, Choice.Questions.class),
  LAYING_DOWN(Group.WORDS, Choice.LayingDown.class),
  THOUSANDS_MARK(Group.NUMBERS, Choice.ThousandsMark.class),
  THOUSANDS_ON_PAPER(Group.NUMBERS, Choice.ThousandsOnPaper.class),
  DECIMAL_MARK(Group.NUMBERS, Choice.DecimalMark.class),
  COLUMN_HEADS(Group.NUMBERS, Choice.ColumnHeads.class),
  BLANK_SQUARES(Group.NUMBERS, Choice.BlankSquares.class),
  ANSWER_SQUARES(Group.NUMBERS, Choice.AnswerSquares.class),
  ON_TOP(Group.NUMBERS, Choice.OnTop.class),
  CARRY_POSITION(Group.ADDING, Choice.CarryPosition.class),
  CARRY_TURN(Group.ADDING, Choice.CarryTurn.class),
  ADDING_ORDER(Group.ADDING, Choice.AddingOrder.class),
  PLUS_ZERO(Group.ADDING, Choice.PlusZero.class),
  WRITING_ORDER(Group.ADDING, Choice.WritingOrder.class),
  SPLIT_ADDENDS(Group.ADDING, Choice.SplitAddends.class),
  FRAME_COUNTERS(Group.ADDING, Choice.FrameCounters.class),
  PARTIAL_SUMS(Group.ADDING, Choice.PartialSums.class),
  ACROSS_ZEROS(Group.TAKING, Choice.AcrossZeros.class),
  LAST_COLUMNS(Group.TAKING, Choice.LastColumns.class),
  PLACEHOLDER(Group.MULTIPLYING, Choice.Placeholder.class),
  USED_CARRIES(Group.MULTIPLYING, Choice.UsedCarries.class),
  CROSSING_ORDER(Group.MULTIPLYING, Choice.CrossingOrder.class),
  BOX_ORDER(Group.MULTIPLYING, Choice.BoxOrder.class),
  ZERO_DIGIT(Group.MULTIPLYING, Choice.ZeroDigit.class),
  ZERO_ROUND(Group.DIVIDING, Choice.ZeroRound.class),
  REMAINDER_FORM(Group.DIVIDING, Choice.RemainderForm.class),
  QUOTIENT_MEANING(Group.DIVIDING, Choice.QuotientMeaning.class),
  MULTIPLES(Group.DIVIDING, Choice.Multiples.class),
  ROOT_LEAD(Group.DIVIDING, Choice.RootLead.class),
  ROOT_ZEROS(Group.DIVIDING, Choice.RootZeros.class),
  ROOT_RESULT(Group.DIVIDING, Choice.RootResult.class),
  ADDITION_CHECK(Group.CHECKS, Choice.AdditionCheck.class),
  SUBTRACTION_CHECK(Group.CHECKS, Choice.SubtractionCheck.class),
  MULTIPLICATION_CHECK(Group.CHECKS, Choice.MultiplicationCheck.class),
  ROOT_CHECK(Group.CHECKS, Choice.RootCheck.class),
  CHECK_PLACE(Group.CHECKS, Choice.CheckPlace.class),
  CHECK_STEPS(Group.CHECKS, Choice.CheckSteps.class);

  /** Settings that are shown together. */
  public enum Group {
    WORDS,
    NUMBERS,
    ADDING,
    TAKING,
    MULTIPLYING,
    DIVIDING,
    CHECKS
  }

  private static final Map<Class<?>, Setting> BY_TYPE =
      Arrays.stream(values()).collect(Collectors.toMap(s -> s.type, Function.identity()));

  private final Group group;
  private final Class<? extends Choice> type;

  Setting(Group group, Class<? extends Choice> type) {
    this.group = group;
    this.type = type;
  }

  /** The setting that a choice is a value of. */
  public static Setting of(Choice choice) {
    return Objects.requireNonNull(BY_TYPE.get(((Enum<?>) choice).getDeclaringClass()));
  }

  static Setting of(Class<? extends Choice> type) {
    return Objects.requireNonNull(BY_TYPE.get(type));
  }

  /** The group that it is shown in. */
  public Group group() {
    return group;
  }

  /** Its values; the first is the standard one. */
  public List<Choice> choices() {
    return List.of(type.getEnumConstants());
  }
}
