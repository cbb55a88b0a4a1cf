package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.check.Checks;
import bemble.fact.Fact;
import bemble.method.ManyStyles;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.problem.Division;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.Cue;
import bemble.remark.Length;
import bemble.remark.Mention;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The sentences of random sums in every method. */
class SpokenTest {
  private static final int SUMS = 30;
  private static final Pattern ADDED_ZERO =
      Pattern.compile("\\b0 \\+ \\d+ \\+|\\d \\+ 0 \\+|\\+ \\d+ \\+ 0\\b(?! ×)");

  static Stream<Method<?>> methods() {
    return Methods.all().stream();
  }

  private static Stream<Step> steps(Method<?> method, Style style) {
    return new RandomSums(61)
        .small(method)
        .filter(sum -> sum.numbers().stream().noneMatch(Numeral::isZero))
        .limit(SUMS)
        .map(sum -> new Sum(sum, method, style).work())
        .flatMap(working -> working.steps().stream());
  }

  /** Adding zero is no fact to know, and beside several others it is no question to put. */
  @ParameterizedTest
  @MethodSource("methods")
  void whatAddsNothingIsNoFactAndUnsaidBesideSeveral(Method<?> method) {
    Wording wording = new Wording(Style.STANDARD);
    steps(method, Style.STANDARD)
        .forEach(
            step -> {
              for (Fact fact : step.facts()) {
                if (fact.kind() == Fact.Kind.ADD) {
                  assertTrue(fact.operands().size() > 1, fact::toString);
                  assertTrue(
                      fact.operands().stream().allMatch(n -> n.signum() > 0), fact::toString);
                }
              }
              for (Length length : Length.values()) {
                String told = wording.told(length, step.remark());
                assertFalse(ADDED_ZERO.matcher(told).find(), told);
              }
            });
  }

  /** A fact stands below its sentence, so its figures come in the order in which they are said. */
  @Test
  void aProductIsSaidAndNotedInOneOrder() {
    Method<?> column = Methods.find(Operation.MULTIPLICATION, "column").orElseThrow();
    Wording wording = new Wording(Style.STANDARD);
    List<Step> products =
        steps(column, Style.STANDARD)
            .filter(
                step ->
                    step.remark().kind() == RemarkKind.MULTIPLY
                        || step.remark().kind() == RemarkKind.MULTIPLY_AND_ADD)
            .toList();
    assertFalse(products.isEmpty());
    for (Step step : products) {
      String said = wording.say(step.remark()).replaceAll(" \\p{Alpha}*(?= times)", "");
      List<String> figures = step.facts().get(0).operands().stream().map(Object::toString).toList();
      assertTrue(
          said.matches("(?s)" + figures.get(0) + "[^.]*? times " + figures.get(1) + "\\b.*"),
          () -> said + " " + figures);
    }
  }

  static Stream<Style> waysOfDividing() {
    Stream<Choice> choices =
        Stream.of(Choice.ZeroRound.values(), Choice.Multiples.values()).flatMap(Stream::of);
    return Stream.concat(
        choices.map(Style.STANDARD::with), ManyRounds.all().map(Style.STANDARD::calling));
  }

  /** Each step of a round has one move, and each move is called by one word. */
  @ParameterizedTest
  @MethodSource("waysOfDividing")
  void everyStepOfARoundHasItsCue(Style style) {
    Method<?> method = Methods.find(Operation.DIVISION, "long").orElseThrow();
    List<Step> rounds =
        steps(method, style).filter(step -> step.section().kind() == Section.Kind.ROUND).toList();
    assertFalse(rounds.isEmpty());
    for (Step step : rounds) {
      RemarkKind kind = step.remark().kind();
      long called = method.cues(style).stream().filter(cue -> cue.calls().contains(kind)).count();
      assertEquals(1, called, kind::toString);
    }
  }

  @ParameterizedTest
  @MethodSource("methods")
  void noCueCallsAMoveThatTheMethodHasNot(Method<?> method) {
    Set<RemarkKind> made =
        Stream.of(Choice.Multiples.values())
            .flatMap(multiples -> steps(method, Style.STANDARD.with(multiples)))
            .map(step -> step.remark().kind())
            .collect(Collectors.toSet());
    for (Cue cue : method.cues(Style.STANDARD)) {
      assertTrue(made.containsAll(cue.calls()), () -> cue + " of " + method.id());
    }
  }

  @Test
  void aClassHasItsOwnCueWord() {
    Wording own = new Wording(Style.STANDARD.saying("cue-divide", "Share out"));
    assertEquals("Share out", own.say(Remark.of(RemarkKind.CUE_DIVIDE)));
    assertEquals("Multiply", own.say(Remark.of(RemarkKind.CUE_MULTIPLY)));
  }

  @Test
  void allBoxesAreFilledBeforeARowIsAddedWhereTheClassDoesSo() {
    Method<?> area = Methods.find(Operation.MULTIPLICATION, "area").orElseThrow();
    Style style = Style.STANDARD.with(Choice.BoxOrder.ALL_BOXES_FIRST);
    new RandomSums(63)
        .small(area)
        .limit(SUMS)
        .forEach(
            sum -> {
              Working working = new Sum(sum, area, style).work();
              List<RemarkKind> kinds =
                  working.steps().stream().map(step -> step.remark().kind()).toList();
              int lastBox = kinds.lastIndexOf(RemarkKind.FILL_BOX);
              assertFalse(kinds.subList(0, lastBox).contains(RemarkKind.ROW_TOTAL));
              assertEquals(new Sum(sum, area, Style.STANDARD).work().answer(), working.answer());
            });
  }

  /** The strip ends with the first multiple that no round can use, or with nine times. */
  @Test
  void theStripGoesAsFarAsTheRoundsNeedIt() {
    Method<?> method = Methods.find(Operation.DIVISION, "long").orElseThrow();
    Style style = Style.STANDARD.with(Choice.Multiples.AS_NEEDED);
    new RandomSums(64)
        .small(method)
        .filter(sum -> sum.numbers().get(1).length() > 1)
        .limit(SUMS)
        .map(sum -> new Sum(sum, method, style).work())
        .forEach(
            working -> {
              int most =
                  working
                      .answer()
                      .value()
                      .toString()
                      .chars()
                      .map(figure -> figure - '0')
                      .max()
                      .orElseThrow();
              long multiples =
                  working.steps().stream()
                      .flatMap(step -> step.entries().stream())
                      .filter(entry -> entry.slot().role() == Role.MULTIPLE)
                      .count();
              assertEquals(Math.min(9, most + 1), multiples, () -> working.problem().toString());
            });
  }

  /** The number that is left after a round is compared with the divisor, unless nothing is left. */
  @Test
  void whatIsLeftIsComparedWithTheDivisor() {
    Method<?> method = Methods.find(Operation.DIVISION, "long").orElseThrow();
    Stream<Problem> sums = new RandomSums(62).small(method).limit(SUMS);
    sums.map(sum -> new Sum(sum, method, Style.STANDARD).work().steps())
        .forEach(
            steps -> {
              for (int i = 1; i < steps.size(); i++) {
                Remark before = steps.get(i - 1).remark();
                boolean left =
                    before.kind() == RemarkKind.SUBTRACT_PRODUCT
                        && !Mention.of(0).equals(before.fill("left"));
                assertEquals(left, steps.get(i).remark().kind() == RemarkKind.COMPARE_LEFT);
              }
            });
  }

  @ParameterizedTest
  @MethodSource("methods")
  void leavesNoGapInAnySentence(Method<?> method) {
    RandomSums sums = new RandomSums(41);
    for (Style style : ManyStyles.all()) {
      Wording wording = new Wording(style);
      sums.fitting(method, 3)
          .map(sum -> new Sum(sum, method, style).work())
          .flatMap(working -> Stream.of(working, Checks.of(working, style).working()))
          .flatMap(working -> working.steps().stream())
          .forEach(step -> sayAll(wording, step));
    }
  }

  private static void sayAll(Wording wording, Step step) {
    Stream.concat(
            step.remark().kind().lengths().stream()
                .map(length -> wording.told(length, step.remark())),
            Stream.of(wording.section(step.section())))
        .forEach(
            sentence ->
                assertFalse(
                    sentence.contains("null") || sentence.contains("{"),
                    () -> step.remark().kind() + ": " + sentence));
  }

  @Test
  void namesTheProductAndTheSumOfACheck() {
    Style style = Style.STANDARD.with(Choice.CheckSteps.EACH_SUM);
    Method<?> method = Methods.find(Operation.DIVISION, "long").orElseThrow();
    Problem problem = new Division(Numeral.of(943), Numeral.of(7));
    List<Step> check = Checks.of(new Sum(problem, method, style).work(), style).working().steps();
    Wording wording = new Wording(style);
    assertEquals("Work it out: 134 × 7 = 938.", wording.say(check.get(0).remark()));
    assertEquals("What is 938 + 5?", wording.told(Length.ASK, check.get(1).remark()));
  }

  @Test
  void aClassWithACommaHearsOfACommaAndWholeNumbersOfNeither() {
    Style comma = Style.STANDARD.with(Choice.ThousandsMark.NONE).with(Choice.DecimalMark.COMMA);
    Wording wording = new Wording(comma);
    Method<?> method = Methods.find(Operation.ADDITION, "column").orElseThrow();
    for (Problem problem : new RandomSums(71).fitting(method, 60).toList()) {
      String said = wording.say(new Sum(problem, method, comma).work().steps().get(0).remark());
      boolean whole = problem.numbers().stream().allMatch(number -> number.lowestPlace() >= 0);
      assertEquals(!whole, said.contains("comma under comma"), problem::toString);
      assertFalse(said.contains("point under point"), said);
    }
  }

  private static final Set<RemarkKind> PARTS_JOINED =
      EnumSet.of(RemarkKind.JOIN_PARTS, RemarkKind.ADD_PART, RemarkKind.KEEP_PARTS);

  @ParameterizedTest
  @CsvSource({
    // Each place stays below ten when the parts are put together.
    "364 + 228, 500 + 80 + 12 = 592",
    // The tens of 90 and 12 make a hundred.
    "487 + 215, '600 + 90 = 690, keep it; 690 + 12 = 702'",
    // Nothing is written for the tens.
    "304 + 205, 500 + 9 = 509",
    "999 + 999, '1,800 + 180 + 18 = 1,998'",
    "2.75 + 1.5, 3 + 1.2 + 0.05 = 4.25",
    // A single part is the sum itself.
    "300 + 200, ''"
  })
  void putsPartsTogetherAsFarAsNothingIsCarried(String line, String said) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    Sum sum =
        new Sum(
            problem,
            Methods.find(Operation.ADDITION, "left-to-right").orElseThrow(),
            Style.STANDARD.with(Choice.PartialSums.ON_ONE_LINE));
    Wording wording = new Wording(sum.style());
    List<String> facts =
        sum.work().steps().stream()
            .map(Step::remark)
            .filter(remark -> PARTS_JOINED.contains(remark.kind()))
            .map(remark -> wording.told(Length.BRIEF, remark))
            .toList();
    assertEquals(said, String.join("; ", facts));
  }
}
