package bemble.method.column;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.procedure.Working;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecimalsTest {
  private static Stream<Working> workings(Operation operation, String id) {
    Method<?> method = Methods.find(operation, id).orElseThrow();
    return new RandomSums(71)
        .fitting(method, 200)
        .filter(sum -> lowest(sum) < 0)
        .map(sum -> new Sum(sum, method, Style.STANDARD).work());
  }

  private static int lowest(Problem sum) {
    return sum.numbers().stream().mapToInt(Numeral::lowestPlace).min().orElse(0);
  }

  private static int step(Working working, RemarkKind kind) {
    List<RemarkKind> kinds = working.steps().stream().map(step -> step.remark().kind()).toList();
    return kinds.indexOf(kind);
  }

  private static int first(Working working, Role role) {
    return working.paper().marks().stream()
        .filter(mark -> mark.role() == role)
        .mapToInt(Mark::step)
        .min()
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({"ADDITION, column", "SUBTRACTION, exchange", "SUBTRACTION, add-to-both"})
  void theAnswersPointIsWrittenBeforeItsFigures(Operation operation, String method) {
    workings(operation, method)
        .forEach(
            working -> {
              int point = step(working, RemarkKind.WRITE_MARK);
              assertTrue(point > 0 && point < first(working, Role.ANSWER));
              assertEquals(
                  working.problem().numbers().size() + 1,
                  working.paper().marks().stream()
                      .filter(mark -> mark.role() == Role.POINT)
                      .count(),
                  () -> working.problem().toString());
            });
  }

  /** Zeros at the end are written in one step of their own, and only where a number is shorter. */
  @ParameterizedTest
  @CsvSource({"ADDITION, column", "SUBTRACTION, exchange", "SUBTRACTION, add-to-both"})
  void shorterNumbersAreFilledUpInAStepOfTheirOwn(Operation operation, String method) {
    workings(operation, method)
        .forEach(
            working -> {
              Problem sum = working.problem();
              boolean shorter =
                  sum.numbers().stream().anyMatch(each -> each.lowestPlace() > lowest(sum));
              int step = step(working, RemarkKind.FILL_UP);
              assertEquals(shorter, step >= 0, sum::toString);
              working.paper().marks().stream()
                  .filter(mark -> mark.role() == Role.PADDING)
                  .forEach(zero -> assertEquals(step, zero.step()));
            });
  }

  @Test
  void wholeNumbersAreLinedUpByNoMark() {
    Style comma = Style.STANDARD.with(Choice.ThousandsMark.NONE).with(Choice.DecimalMark.COMMA);
    assertEquals(0, Decimals.linedUpBy(comma, 0));
    assertEquals(0, Decimals.linedUpBy(Style.STANDARD, 0));
  }
}
