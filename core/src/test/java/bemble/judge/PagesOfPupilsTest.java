package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Entry;
import bemble.procedure.Section;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Pages as children write them, by nobody who knows the procedure: an answer and some small
 * figures.
 */
class PagesOfPupilsTest {
  private static Sum sum(String line, String method) {
    Reading reading = new ProblemReader(Limits.STANDARD).read(line);
    Problem problem = ((Reading.Understood) reading).problem();
    Operation operation = problem.operation();
    Method<?> found = Methods.find(operation, method).orElseThrow();
    return new Sum(problem, found, Style.STANDARD);
  }

  /** The square of the ones of the answer. */
  private static Square ones(Sum sum) {
    return sum.work().firstOfAnswer().map(Entry::slot).orElseThrow().square();
  }

  /** The figures of an answer, with its last one in a square. */
  private static List<Written> answer(Square ones, String text) {
    List<Written> page = new ArrayList<>();
    for (int i = 0; i < text.length(); i++) {
      Square at = ones.moved(0, i + 1 - text.length());
      page.add(new Written(at, Spot.FULL, text.substring(i, i + 1)));
    }
    return page;
  }

  private static Report judge(Sum sum, List<Written> page) {
    return new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
  }

  /** A bare answer has one finding, at the figure where it went wrong, with its name. */
  @ParameterizedTest
  @CsvSource({
    "45 + 57, column, 92, 1, carry-not-added",
    "578 + 264, column, 732, 1, carry-not-added",
    "578 + 264, column, 742, 2, carry-not-added",
    "386 + 457, column, 713, 1, carry-written-in-answer",
    "352 − 118, exchange, 246, 0, smaller-from-larger",
    "1000 − 7, exchange, 1993, 3, nobody-pays",
    "586 − 32, exchange, 454, 2, less-without-exchange",
    "46 × 8, column, 3248, 1, products-written-whole",
    "352 − 118, exchange, 244, 1, neighbour-not-less",
    "352 − 118, add-to-both, 246, 0, smaller-from-larger",
    "3855 − 3782, add-to-both, 173, 2, one-more-forgotten",
    "583 + 247, column, 336, 0, taken-instead",
    "532 − 278, exchange, 810, 0, added-instead",
    "46 × 3, column, 49, 0, added-instead-of-multiplied"
  })
  void aBareAnswerTellsItsSlip(String line, String method, String text, int place, String slip) {
    Sum sum = sum(line, method);
    Report report = judge(sum, answer(ones(sum), text));
    Finding finding = report.findings().get(0);
    String said =
        report.findings().stream()
            .map(each -> each.squares() + " " + each.kind() + each.slips())
            .collect(Collectors.joining("; "));
    assertEquals(ones(sum).moved(0, -place), finding.squares().get(0), said);
    boolean known = !slip.equals("carry-written-in-answer");
    assertTrue(!known || finding.slips().toString().contains(slip), said);
    assertTrue(!known || report.findings().size() == 1, said);
  }

  /** A wrong fact is one finding, with figure and carry together, and names the fact. */
  @ParameterizedTest
  @CsvSource({
    "46 × 8, column, 374, 5, 8 × 6 = 54",
    "46 × 8, column, 374, '', 8 × 6 = 54",
    "46 × 8, column, 366, '', 8 × 6 = 46",
    "47 + 38, column, 86, '', 7 + 8 = 16",
    "45 + 35, column, 79, '', 5 + 5 = 9",
    "45 + 34, column, 70, '', 5 + 4 = 10",
    "86 − 34, exchange, 53, '', 6 − 4 = 3"
  })
  void aMissedFactSaysWhatItWasTakenAs(
      String line, String method, String text, String carry, String fact) {
    Sum sum = sum(line, method);
    List<Written> page = answer(ones(sum), text);
    if (carry != null && !carry.isEmpty()) {
      Transcript.puts(sum.work(), false).stream()
          .filter(put -> put.role() == Role.CARRY)
          .findFirst()
          .ifPresent(put -> page.add(new Written(put.written().at(), Spot.SMALL, carry)));
    }
    Report report = judge(sum, page);
    String said =
        report.findings().stream()
            .map(
                each ->
                    each.kind()
                        + each.fact()
                            .map(
                                missed ->
                                    " "
                                        + missed.fact().operands().get(0)
                                        + " "
                                        + line.split(" ")[1]
                                        + " "
                                        + missed.fact().operands().get(1)
                                        + " = "
                                        + missed.as())
                            .orElse(each.slips().toString()))
            .collect(Collectors.joining("; "));
    assertTrue(said.matches("(NUMBER_FACT|KNOWN) " + Pattern.quote(fact)), said);
  }

  @ParameterizedTest
  @CsvSource({"578 + 264, column, 824, 0", "352 − 118, exchange, 324, 1", "46 × 8, column, 386, 0"})
  void twoFiguresChangedOverAreOneFinding(String line, String method, String text, int place) {
    Sum sum = sum(line, method);
    Report report = judge(sum, answer(ones(sum), text));
    Square right = ones(sum).moved(0, -place);
    assertEquals(1, report.findings().size());
    assertEquals(Finding.Kind.CHANGED_OVER, report.findings().get(0).kind());
    assertEquals(List.of(right, right.moved(0, -1)), report.findings().get(0).squares());
  }

  /** The ones came first: the small 3 and 11 over the tens follow from nothing that is wrong. */
  @ParameterizedTest
  @CsvSource({"3414 − 326, 3092"})
  void aFigureIsNamedBeforeTheSmallFiguresThatCameAfterIt(String line, String text) {
    Sum sum = sum(line, "exchange");
    List<Written> page = answer(ones(sum), text);
    page.add(new Written(ones(sum).moved(-4, -2), Spot.SMALL, "3"));
    page.add(new Written(ones(sum).moved(-4, -1), Spot.SMALL, "11"));
    Report report = judge(sum, page);
    assertEquals(List.of(ones(sum)), report.findings().get(0).squares());
    assertEquals("smaller-from-larger", report.findings().get(0).slips().get(0).id());
  }

  /** A carry that is written wrongly and used is the one finding; the figure follows from it. */
  @ParameterizedTest
  @CsvSource({"578 + 264, 852, 2", "46 + 38, 94, 2"})
  void aWrongCarryThatWasUsedIsNamedItself(String line, String text, String carry) {
    Sum sum = sum(line, "column");
    Square above =
        Transcript.puts(sum.work(), false).stream()
            .filter(put -> put.role() == Role.CARRY)
            .map(put -> put.written().at())
            .findFirst()
            .orElseThrow();
    List<Written> page = answer(ones(sum), text);
    page.add(new Written(above, Spot.SMALL, carry));
    Report report = judge(sum, page);
    assertEquals(List.of(above), report.findings().get(0).squares());
    assertEquals(1, report.findings().size());
  }

  /** The column in front is the one to look at, where a figure stands though nothing is due. */
  @Test
  void aFigureTooManyBelongsToItsOwnColumn() {
    Sum sum = sum("3855 − 3782", "add-to-both");
    Finding finding = judge(sum, answer(ones(sum), "173")).findings().get(0);
    assertEquals(Section.column(2), finding.step().section());
    assertEquals(List.of(), finding.due());
  }

  /** Two boxes and a total are wrong: the first box has its name all the same. */
  @Test
  void aSlipIsNamedThoughNothingFollowsFromIt() {
    Sum sum = sum("46 × 63", "area");
    List<Written> page = new ArrayList<>(answer(new Square(1, 12), "360"));
    page.add(new Written(new Square(1, 2), Spot.SMALL, "240"));
    page.add(new Written(new Square(1, 5), Spot.SMALL, "30"));
    Report report = new Judge(sum).judge(page, Stage.IN_WORK, SettingOut.GIVEN);
    Finding first = report.findings().get(0);
    assertEquals(List.of(new Square(1, 2)), first.squares());
    assertEquals("zeros-lost-in-box", first.slips().get(0).id());
  }
}
