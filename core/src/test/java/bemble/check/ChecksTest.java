package bemble.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Answer;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ChecksTest {
  private static Problem problem(String line) {
    return ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
  }

  private static Working work(String line, Style style) {
    Problem problem = problem(line);
    return new Sum(problem, Methods.usual(problem.operation()), style).work();
  }

  /** Every operation with every way of checking it. */
  static Stream<Arguments> ways() {
    return Stream.of(Operation.values())
        .flatMap(
            operation ->
                Checks.setting(operation)
                    .map(Setting::choices)
                    .map(choices -> choices.stream().map(c -> Arguments.of(operation, c)))
                    .orElseGet(() -> Stream.of(Arguments.of(operation, null))));
  }

  private static List<Fact> facts(Stream<Working> workings) {
    return workings
        .flatMap(working -> working.steps().stream())
        .flatMap(step -> step.facts().stream())
        .toList();
  }

  @ParameterizedTest
  @MethodSource("ways")
  void offersNoWayTwice(Operation operation, Choice choice) {
    new RandomSums(73)
        .of(operation)
        .limit(60)
        .forEach(
            sum -> {
              Style style = choice == null ? Style.STANDARD : Style.STANDARD.with(choice);
              Working first = new Sum(sum, Methods.usual(operation), style).work();
              List<Check.Kind> kinds = Checks.ways(first, style).stream().map(Check::kind).toList();
              assertEquals(kinds.stream().distinct().toList(), kinds, () -> "for " + sum);
              boolean chosen = choice == null || kinds.contains(Checks.of(first, style).kind());
              assertTrue(chosen || kinds.isEmpty(), () -> sum + " by " + choice + " of " + kinds);
            });
  }

  /** A check in a step for each sum ends on the same page as one in a step for each figure. */
  @ParameterizedTest
  @MethodSource("ways")
  void takesEachSumInOneStepWhereTheClassDoes(Operation operation, Choice choice) {
    Style full = choice == null ? Style.STANDARD : Style.STANDARD.with(choice);
    new RandomSums(67)
        .of(operation)
        .limit(40)
        .forEach(
            sum -> {
              Working first = new Sum(sum, Methods.usual(operation), full).work();
              Check inFull = Checks.of(first, full);
              Check inParts = Checks.of(first, full.with(Choice.CheckSteps.EACH_SUM));
              List<Step> steps = inParts.working().steps();
              // A remark comes before the check of a root with places after the point.
              int before = steps.size() - inFull.parts().size() - 1;
              boolean wholes = steps.get(0).remark().kind() == RemarkKind.COUNT_IN_WHOLES;
              assertEquals(wholes ? 1 : 0, before);
              for (int part = 0; part < inFull.parts().size(); part++) {
                List<Step> ofPart = inFull.parts().get(part).steps();
                Step last = ofPart.get(ofPart.size() - 1);
                boolean one = inFull.parts().get(part).answer() instanceof Answer.One;
                RemarkKind worked =
                    inFull.kind() == Check.Kind.DIGIT_SUMS
                        ? RemarkKind.WORK_OUT_DIGIT_SUMS
                        : RemarkKind.WORK_OUT;
                assertEquals(
                    one ? worked : last.remark().kind(), steps.get(before + part).remark().kind());
                assertTrue(steps.get(before + part).facts().isEmpty());
              }
              assertEquals(seenAtLast(inFull), seenAtLast(inParts));
              assertEquals(inFull.cameBack(), inParts.cameBack());
            });
  }

  private static List<String> seenAtLast(Check check) {
    Working working = check.working();
    return working.paper().marksAt(working.steps().size() - 1).stream()
        .map(mark -> mark.role() + " " + mark.shape())
        .toList();
  }

  @Test
  void showsTheProductThenTheSumThenTheComparison() {
    Style style = Style.STANDARD.with(Choice.CheckSteps.EACH_SUM);
    Working check = Checks.of(work("943 ÷ 7", style), style).working();
    assertEquals(
        List.of(RemarkKind.WORK_OUT, RemarkKind.WORK_OUT, RemarkKind.COMPARE),
        check.steps().stream().map(step -> step.remark().kind()).toList());
    assertEquals(
        List.of("938"), answersAt(check, 0), "nothing of the sum is to be seen with the product");
    assertEquals(List.of("938", "943"), answersAt(check, 1));
  }

  /** The rows of answer figures that are to be seen at a step, each read from the left. */
  private static List<String> answersAt(Working working, int step) {
    TreeMap<Integer, TreeMap<Integer, String>> rows = new TreeMap<>();
    for (Mark mark : working.paper().marksAt(step)) {
      if (mark.role() == Role.ANSWER && mark.shape() instanceof Shape.Figure figure) {
        rows.computeIfAbsent(figure.at().row(), row -> new TreeMap<>())
            .put(figure.at().column(), figure.text());
      }
    }
    return rows.values().stream().map(row -> String.join("", row.values())).toList();
  }

  /** Small sums among them: two addends and one-figure factors are where ways are most alike. */
  @ParameterizedTest
  @MethodSource("ways")
  void isOtherWorkThanWhatItProves(Operation operation, Choice choice) {
    List<Choice> orders = List.of(Choice.AddingOrder.values());
    new RandomSums(61)
        .of(operation)
        .filter(sum -> sum.numbers().stream().allMatch(number -> number.length() < 4))
        .limit(60)
        .forEach(
            sum -> {
              for (Choice order : orders) {
                Style style = style(choice).with(order);
                for (Method<?> method : Methods.of(operation)) {
                  if (Methods.misfit(method, sum).isEmpty()) {
                    Working first = new Sum(sum, method, style).work();
                    Check check = Checks.of(first, style);
                    List<Fact> again = facts(check.parts().stream());
                    assertTrue(
                        again.isEmpty() || !again.equals(facts(Stream.of(first))),
                        () -> sum + " " + method.id() + " " + check.kind());
                  }
                }
              }
            });
  }

  /**
   * Two addends, the larger one said first in any order: only taking one away again is other work.
   */
  @Test
  void takesOneAddendAwayWhereTheOtherOrderIsNone() {
    Style largest = Style.STANDARD.with(Choice.AddingOrder.LARGEST_FIRST);
    Working first = work("48 + 37", largest);
    assertEquals(Check.Kind.TAKE_AWAY, Checks.of(first, largest).kind());
    assertEquals(
        List.of(Check.Kind.TAKE_AWAY),
        Checks.ways(first, largest).stream().map(Check::kind).toList());
    assertEquals(
        Check.Kind.ADD_UPWARD, Checks.of(work("48 + 37", Style.STANDARD), Style.STANDARD).kind());
  }

  /** Another method or the digit sums of 6 × 7 would ask for 6 × 7 once more. */
  @Test
  void provesOneProductByNoOtherPageOfTheSameProduct() {
    for (int one = 2; one <= 9; one++) {
      for (int other = 2; other < one; other++) {
        Working first = work(one + " × " + other, Style.STANDARD);
        assertEquals(
            List.of(Check.Kind.FACTORS_SWAPPED, Check.Kind.DIVIDE_BACK),
            Checks.ways(first, Style.STANDARD).stream().map(Check::kind).toList());
      }
    }
  }

  private static Style style(Choice choice) {
    return choice == null ? Style.STANDARD : Style.STANDARD.with(choice);
  }

  private static String line(Operation operation, Random random) {
    int one = 100 + random.nextInt(9000);
    int other = 11 + random.nextInt(88);
    return switch (operation) {
      case ADDITION -> one + " + " + other + " + " + random.nextInt(900);
      case SUBTRACTION -> (one + other) + " − " + one;
      case MULTIPLICATION -> one + " × " + other;
      case DIVISION -> one + " ÷ " + other;
      case ROOT -> "√" + one + " to 1 place";
    };
  }

  private static List<Working> workings(Operation operation, Choice choice, int seed) {
    Random random = new Random(seed);
    return Stream.generate(() -> work(line(operation, random), style(choice))).limit(60).toList();
  }

  @ParameterizedTest
  @MethodSource("ways")
  void aRightAnswerComesBackInEveryWay(Operation operation, Choice choice) {
    int chosen = 0;
    for (Working first : workings(operation, choice, 5)) {
      Check check = Checks.of(first, style(choice));
      assertTrue(check.cameBack(), () -> check.kind() + " of " + first.problem());
      boolean offered =
          Checks.ways(first, style(choice)).stream().anyMatch(way -> way.choice() == choice);
      assertTrue(check.choice() == choice || !offered, () -> "not " + choice + ": " + first);
      chosen += check.choice() == choice ? 1 : 0;
    }
    assertTrue(chosen > 50, choice + " was done for " + chosen);
  }

  /** The last step holds the two numbers against each other; until then neither is said. */
  @ParameterizedTest
  @MethodSource("ways")
  void aCheckEndsInTheComparison(Operation operation, Choice choice) {
    for (Working first : workings(operation, choice, 8)) {
      Check check = Checks.of(first, style(choice));
      List<Step> steps = check.working().steps();
      Step last = steps.get(steps.size() - 1);
      assertEquals(Section.COMPARE, last.section());
      assertEquals(List.of(), last.entries());
      assertEquals(check.cameBack(), last.remark().kind() != RemarkKind.COMPARE_MISSED);
      assertEquals(1, steps.stream().filter(step -> step.section() == Section.COMPARE).count());
      List<Integer> words =
          check.working().paper().marks().stream()
              .filter(mark -> mark.role() == Role.NOTE && mark.shape() instanceof Shape.Words)
              .map(Mark::step)
              .toList();
      assertTrue(words.contains(steps.size() - 1), () -> first.problem() + " " + words);
    }
  }

  /** The result that somebody else has to find when working the first part of a check. */
  @ParameterizedTest
  @MethodSource("ways")
  void theFirstPartOfACheckComesToItsOwnNumber(Operation operation, Choice choice) {
    for (Working first : workings(operation, choice, 9)) {
      Check check = Checks.onOnePage(first, style(choice));
      assertTrue(
          check.isMetBy(check.parts().get(0).answer()),
          () -> check.kind() + " of " + first.problem());
      assertFalse(
          check.isMetBy(
              new Answer.One(
                  Numeral.of(
                      check.comesTo().unscaled().add(BigInteger.ONE), check.comesTo().scale()))));
    }
  }

  /** One more, one less and figures changed over: checks that prove all find each of them. */
  @ParameterizedTest
  @MethodSource("ways")
  void aWrongAnswerDoesNotComeBackWhereTheCheckProvesAll(Operation operation, Choice choice) {
    for (Working first : workings(operation, choice, 6)) {
      if (Checks.of(first, style(choice)).kind().strength() == Check.Strength.PROVES_LESS) {
        continue;
      }
      for (int off : List.of(-1, 1, 9, 10)) {
        Working wrong = answering(first, off);
        Check check = Checks.of(wrong, style(choice));
        assertFalse(check.cameBack(), () -> check.kind() + " of " + first.problem() + " " + off);
      }
    }
  }

  /** The same page with an answer that is off by so many of its last place. */
  private static Working answering(Working first, int off) {
    Numeral right = first.answer().value();
    BigInteger unscaled = right.unscaled().add(BigInteger.valueOf(off)).max(BigInteger.ZERO);
    Numeral value = Numeral.of(unscaled, right.scale());
    Answer answer = first.answer();
    if (answer instanceof Answer.Quotient quotient) {
      answer = new Answer.Quotient(value, quotient.remainder());
    } else if (answer instanceof Answer.SquareRoot root) {
      answer = new Answer.SquareRoot(value, root.rounded(), root.above(), root.remainder());
    } else {
      answer = new Answer.One(value);
    }
    return new Working(first.problem(), first.method(), answer, first.paper(), first.steps());
  }

  /** Digit sums let figures that are changed over pass, and find a single figure that is wrong. */
  @Test
  void digitSumsProveLess() {
    Style style = style(Choice.MultiplicationCheck.DIGIT_SUMS);
    Working first = work("57 × 38", style);
    assertEquals("2166", first.answer().value().toString());
    assertTrue(Checks.of(answering(first, 2616 - 2166), style).cameBack());
    assertFalse(Checks.of(answering(first, 1), style).cameBack());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "46 + 38        | UPWARD       | 38 + 46",
        "46 + 38 + 17   | UPWARD       | 17 + 38 + 46",
        "46 + 38        | TAKE_AWAY    | 84 − 38",
        "83 − 47        | ADD_BACK     | 47 + 36",
        "57 × 38        | SWAPPED      | 38 × 57",
        "57 × 38        | DIVIDE_BACK  | 2166 ÷ 38",
        "936 ÷ 7        |              | 133 × 7",
        "√529           | SQUARE_BACK  | 23 × 23"
      })
  void aCheckSetsOutTheSumThatProvesTheAnswer(String line, String choice, String second) {
    Style style =
        Checks.setting(problem(line).operation()).stream()
            .flatMap(setting -> setting.choices().stream())
            .filter(each -> each.name().equals(choice))
            .map(Style.STANDARD::with)
            .findFirst()
            .orElse(Style.STANDARD);
    Check check = Checks.of(work(line, style), style);
    assertEquals(problem(second), check.parts().get(0).problem());
  }

  /** Swapped, 24 × 24 would be the same page again. */
  @Test
  void equalFactorsAreCheckedInAnotherWay() {
    Style style = style(Choice.MultiplicationCheck.SWAPPED);
    Check check = Checks.of(work("24 × 24", style), style);
    assertEquals(Check.Kind.MULTIPLY_ANOTHER_WAY, check.kind());
    assertNotEquals("column", check.parts().get(0).method());
  }

  /** The check lies below or beside the page that it proves, and takes none of its squares. */
  @ParameterizedTest
  @MethodSource("ways")
  void noFigureOfTheCheckStandsInASquareOfThePage(Operation operation, Choice choice) {
    for (Working first : workings(operation, choice, 7)) {
      Check check = Checks.of(first, style(choice));
      Set<Square> taken = figures(first);
      figures(check.working())
          .forEach(
              square ->
                  assertFalse(taken.contains(square), () -> first.problem() + " " + check.kind()));
    }
  }

  private static Set<Square> figures(Working working) {
    Set<Square> squares = new HashSet<>();
    for (Mark mark : working.paper().marks()) {
      if (mark.shape() instanceof Shape.Figure figure && mark.role() != Role.HEAD) {
        squares.add(figure.at());
      }
    }
    return squares;
  }
}
