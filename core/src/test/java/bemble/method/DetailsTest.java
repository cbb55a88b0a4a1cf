package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.check.Checks;
import bemble.demand.DemandReader;
import bemble.demand.Demands;
import bemble.methods.Methods;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Answer;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.RemarkKind;
import bemble.style.Style;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Single sums in which a detail is easy to get wrong. */
class DetailsTest {
  private static Working work(String line, String method) {
    ProblemReader reader = new ProblemReader(Limits.STANDARD);
    Problem problem = ((Reading.Understood) reader.read(line)).problem();
    Method<?> found = Methods.find(problem.operation(), method).orElseThrow();
    return new Sum(problem, found, Style.STANDARD).work();
  }

  private static Working work(String line) {
    ProblemReader reader = new ProblemReader(Limits.STANDARD);
    Problem problem = ((Reading.Understood) reader.read(line)).problem();
    return new Sum(problem, Methods.of(problem.operation()).get(0), Style.STANDARD).work();
  }

  /** The figures of full size of some role, row by row, each read from left to right. */
  private static List<String> rows(Working working, Role... roles) {
    TreeMap<Integer, TreeMap<Integer, String>> rows = new TreeMap<>();
    for (Mark mark : working.paper().marks()) {
      if (List.of(roles).contains(mark.role()) && mark.shape() instanceof Shape.Figure figure) {
        rows.computeIfAbsent(figure.at().row(), row -> new TreeMap<>())
            .put(figure.at().column(), figure.text());
      }
    }
    return rows.values().stream()
        .map(row -> row.values().stream().collect(Collectors.joining()))
        .toList();
  }

  private static long count(Working working, RemarkKind kind) {
    return working.steps().stream().map(Step::remark).filter(r -> r.kind() == kind).count();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1,000,000 − 1  | 999999 | 6 | 5",
        "70,040 − 6,975 | 63065  | 4 | 2",
        "4,004 − 2,997  | 1007   | 3 | 2",
        "532 − 532      | 0      | 0 | 0",
        "10.05 − 0.078  | 9.972  | 4 | 2"
      })
  void exchangesAcrossZerosAndIntoWhatHasPaid(
      String line, String answer, int exchanges, int zerosCrossed) {
    Working working = work(line);
    assertEquals(answer, working.answer().value().toString());
    Demands demands = DemandReader.of(working);
    assertEquals(exchanges, demands.exchanges().made());
    assertEquals(zerosCrossed, demands.exchanges().zerosCrossed());
  }

  @Test
  void aFigureThatPaidIsExchangedIntoAgain() {
    List<String> rewritten =
        work("70,040 − 6,975").paper().marks().stream()
            .filter(mark -> mark.role() == Role.EXCHANGE && mark.place() == 1)
            .map(mark -> ((Shape.Small) mark.shape()).text())
            .toList();
    assertEquals(List.of("3", "13"), rewritten);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "306 × 204  | 1224;61200       | 1",
        "57 × 40    |                  | 1",
        "57 × 400   |                  | 2",
        "123 × 1    |                  | 0",
        "507 × 111  | 507;5070;50700   | 0"
      })
  void keepsZerosOfTheMultiplier(String line, String partialRows, int skipped) {
    Working working = work(line);
    assertEquals(
        partialRows == null ? "" : partialRows,
        String.join(";", rows(working, Role.PARTIAL, Role.PLACEHOLDER)).replaceAll("^0+$", ""));
    assertEquals(skipped, count(working, RemarkKind.SKIP_ROW));
  }

  @ParameterizedTest
  @CsvSource({"348 × 0, 0", "0 × 57, 0", "0 × 0, 0", "1 × 1, 1", "999 × 1, 999"})
  void multipliesByNothingAndByOne(String line, String answer) {
    for (String method : List.of("column", "area", "crosswise")) {
      assertEquals(answer, work(line, method).answer().value().toString(), method);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "4,236 ÷ 6    | 706   | 0 | 1",
        "3,000 ÷ 3    | 1000  | 0 | 3",
        "700,021 ÷ 7  | 100003| 0 | 4",
        "86,520 ÷ 24  | 3605  | 0 | 1",
        "5 ÷ 8        | 0     | 5 | 0",
        "0 ÷ 8        | 0     | 0 | 0",
        "100 ÷ 99     | 1     | 1 | 0"
      })
  void writesEveryZeroOfAQuotient(String line, String quotient, String remainder, int zeros) {
    Working working = work(line);
    Answer.Quotient answer = (Answer.Quotient) working.answer();
    assertEquals(quotient, answer.value().toString());
    assertEquals(remainder, answer.remainder().toString());
    assertEquals(List.of(quotient), rows(working, Role.QUOTIENT));
    assertEquals(zeros, DemandReader.of(working).zeros().inQuotient());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "√0               | 0       | 0",
        "√1               | 1       | 1",
        "√2,916           | 54      | 54",
        "√94,249          | 307     | 307",
        "√1,002,001       | 1001    | 1001",
        "√14,400          | 120     | 120",
        "√0.0625          | 0.25    | 025",
        "√0.000081        | 0.009   | 0009",
        "√1.002001        | 1.001   | 1001",
        "√99              | 9       | 9",
        "√2 to 6 places   | 1.414213| 1414213",
        "√144 to 5 places | 12      | 12",
        "√6.25 to 4 places| 2.5     | 25"
      })
  void writesEveryFigureOfARoot(String line, String root, String written) {
    Working working = work(line);
    assertEquals(root, working.answer().value().toString());
    assertEquals(List.of(written), rows(working, Role.ROOT));
  }

  @Test
  void neverTriesTenBehindTheLead() {
    // 9 is tried first although 18 × 10 would fit into the remaining number.
    Working working = work("√99 to 1 places");
    assertEquals("9.9", working.answer().value().toString());
    assertEquals(1, count(working, RemarkKind.TRY_FITS));
    assertEquals(0, count(working, RemarkKind.TRY_TOO_MUCH));
  }

  @Test
  void roundsARootAtItsVeryMiddle() {
    Answer.SquareRoot answer = (Answer.SquareRoot) work("√6.25 to 0 places").answer();
    assertEquals("2", answer.value().toString());
    assertEquals("3", answer.rounded().toString());
    assertEquals("2.25", answer.remainder().toString());
  }

  @Test
  void twelveAddendsOfNinesCarryMoreThanNine() {
    Working working = work("9,999 + ".repeat(11) + "9,999");
    assertEquals("119988", working.answer().value().toString());
    long twoFigures =
        working.paper().marks().stream()
            .filter(mark -> mark.role() == Role.CARRY)
            .filter(mark -> ((Shape.Small) mark.shape()).text().length() == 2)
            .count();
    assertEquals(3, twoFigures);
  }

  @Test
  void aCheckDoesNotBetrayTheAnswerBeforeItIsFound() {
    Working check = Checks.of(work("6,203 − 1,487"), Style.STANDARD).working();
    assertEquals(List.of("1487"), rows(check, Role.GIVEN));
    assertEquals(List.of("4716"), rows(check, Role.FOUND));
  }
}
