package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Judged;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Section;
import bemble.slip.AddingSlips;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers that stand in their row, but not under their places. */
class AsideTest {
  private static Sum sum(String line, String method) {
    Reading reading = new ProblemReader(Limits.STANDARD).read(line);
    Problem problem = ((Reading.Understood) reading).problem();
    Method<?> found = Methods.find(problem.operation(), method).orElseThrow();
    return new Sum(problem, found, Style.STANDARD);
  }

  /** The true page, with everything of one kind some columns further right. */
  private static List<Written> page(
      Sum sum, boolean setOut, Predicate<Transcript.Put> which, int by) {
    List<Written> page = new ArrayList<>();
    for (Transcript.Put put : Transcript.puts(sum.work(), setOut)) {
      Written one = put.written();
      boolean moves = which.test(put);
      page.add(moves ? new Written(one.at().moved(0, by), one.spot(), one.text()) : one);
    }
    return page;
  }

  private static boolean isAnswer(Transcript.Put put) {
    return put.role().kind() == Role.Kind.ANSWER && put.kind() == Transcript.Kind.FIGURE;
  }

  private static List<Square> answer(List<Written> page, Sum sum, int by) {
    List<Square> due =
        Transcript.puts(sum.work(), false).stream()
            .filter(AsideTest::isAnswer)
            .map(put -> put.written().at().moved(0, by))
            .toList();
    return page.stream().map(Written::at).filter(due::contains).distinct().toList();
  }

  /**
   * Random sums with whole answers written aside: no figure is a slip of its own, and the direction
   * is named.
   */
  @ParameterizedTest
  @CsvSource({
    "ADDITION, column",
    "ADDITION, in-pairs",
    "SUBTRACTION, exchange",
    "SUBTRACTION, add-to-both",
    "MULTIPLICATION, column",
    "DIVISION, short",
    "ROOT, digit-pairs"
  })
  void anAnswerWrittenAsideIsNamedAsAWhole(String operation, String id) {
    Method<?> method = Methods.find(Operation.valueOf(operation), id).orElseThrow();
    List<Problem> problems = new RandomSums(71).small(method).limit(150).toList();
    int named = 0;
    int pages = 0;
    for (Problem problem : problems) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      if (problem.numbers().stream().anyMatch(number -> number.lowestPlace() < 0)) {
        continue;
      }
      for (int by : List.of(-1, 1, -2)) {
        List<Written> page = page(sum, false, AsideTest::isAnswer, by);
        Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
        assertFalse(report.findings().isEmpty(), problem + " by " + by);
        Finding.Kind kind = by < 0 ? Finding.Kind.TOO_FAR_LEFT : Finding.Kind.TOO_FAR_RIGHT;
        named += report.findings().stream().allMatch(each -> each.kind() == kind) ? 1 : 0;
        pages++;
      }
    }
    assertTrue(named >= 0.95 * pages, named + " of " + pages);
  }

  /**
   * All figures of the number are ringed where they stand, and the due ones are told from the ones.
   */
  @ParameterizedTest
  @CsvSource({"276 + 187, column, -1", "276 + 187, column, 1", "634 − 218, exchange, -2"})
  void theFiguresAreMarkedWhereTheyStand(String line, String method, int by) {
    Sum sum = sum(line, method);
    List<Written> page = page(sum, false, AsideTest::isAnswer, by);
    Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
    assertEquals(1, report.findings().size());
    assertEquals(answer(page, sum, by), report.findings().get(0).squares());
    assertEquals(3, report.count(Verdict.FIRST_SLIP));
    assertEquals(page, report.figures().stream().map(Judged::written).toList());
  }

  @ParameterizedTest
  @ValueSource(ints = {-1, 1})
  void aSingleRowOfBoxesIsAnAnswerToo(int by) {
    Sum sum = sum("46 × 8", "area");
    List<Written> page = page(sum, false, put -> put.role() == Role.PARTIAL, by);
    Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
    assertEquals(1, report.findings().size());
    assertEquals(3, report.findings().get(0).squares().size());
    assertTrue(report.findings().get(0).kind().name().startsWith("TOO_FAR"));
  }

  /** 276 + 187 = 453 a square to the left: the place and the carry are two findings. */
  @ParameterizedTest
  @ValueSource(ints = {-1, 1})
  void aSlipWithinItIsStillNamed(int by) {
    Sum sum = sum("276 + 187", "column");
    At tens = new At(AddingSlips.CARRY_NOT_ADDED, Section.column(1), false);
    SlippingHand hand = new SlippingHand(sum.problem(), List.of(tens), Map.of());
    List<Written> slipped =
        Transcript.of(sum.work(hand)).stream()
            .filter(Written::isFull)
            .map(one -> new Written(one.at().moved(0, by), one.spot(), one.text()))
            .toList();
    Report report = new Judge(sum).judge(slipped, Stage.HANDED_IN, SettingOut.GIVEN);
    List<Finding> found = report.findings();
    assertEquals(2, found.size());
    assertTrue(found.get(0).kind().name().startsWith("TOO_FAR"), found.toString());
    assertEquals(AddingSlips.CARRY_NOT_ADDED, found.get(1).slips().get(0));
    assertEquals(List.of(slipped.get(1).at()), found.get(1).squares());
  }

  /** The first figure under the wrong place, with the ones blank, is not a wrong number fact. */
  @ParameterizedTest
  @CsvSource({"276 + 187, column", "634 − 218, exchange"})
  void aFirstFigureAsideIsNoMissedFact(String line, String method) {
    Sum sum = sum(line, method);
    Written first =
        Transcript.of(sum.work()).stream().filter(Written::isFull).findFirst().orElseThrow();
    Written aside = new Written(first.at().moved(0, -1), first.spot(), first.text());
    Report report = new Judge(sum).judge(List.of(aside), Stage.IN_WORK, SettingOut.GIVEN);
    assertEquals(Finding.Kind.TOO_FAR_LEFT, report.findings().get(0).kind());
  }

  /** A number of the sum that is not lined up is named, with its direction, set out anywhere. */
  @ParameterizedTest
  @CsvSource({
    "4236 + 18, column, 1, -1, number-too-far-left",
    "4236 + 18, column, 1, 1, number-too-far-right",
    "634 + 18 + 407, column, 1, 1, TOO_FAR_RIGHT",
    "6340 + 18 + 4075, column, 1, -1, number-too-far-left",
    "4236 − 18, exchange, 1, -1, number-too-far-left",
    "634 + 218, column, 1, 1, TOO_FAR_LEFT",
    "634 − 218, exchange, 1, 1, TOO_FAR_RIGHT",
    "634 − 18, exchange, 1, 1, TOO_FAR_RIGHT",
    "634 − 18, exchange, 1, -1, lined-up-left"
  })
  void aNumberThatIsNotLinedUpIsNamed(String line, String method, int number, int by, String name) {
    Sum sum = sum(line, method);
    int top =
        Transcript.puts(sum.work(), true).stream()
            .filter(put -> put.role() == Role.GIVEN)
            .mapToInt(put -> put.written().at().row())
            .min()
            .orElseThrow();
    for (int down : List.of(0, 2)) {
      List<Written> page =
          page(
                  sum,
                  true,
                  put -> put.role() == Role.GIVEN && put.written().at().row() == top + number,
                  by)
              .stream()
              .filter(one -> one.at().row() < top + sum.problem().numbers().size())
              .filter(Written::isFull)
              .map(one -> new Written(one.at().moved(down, down), one.spot(), one.text()))
              .toList();
      Report report = new Judge(sum).judge(page, Stage.IN_WORK, SettingOut.OWN);
      assertEquals(1, report.findings().size(), report.findings().toString());
      Finding found = report.findings().get(0);
      assertEquals(name, found.slips().isEmpty() ? found.kind().name() : found.slips().get(0).id());
    }
  }

  /** A number that is being copied, from either end and anywhere on the sheet, is no slip yet. */
  @ParameterizedTest
  @CsvSource({"ADDITION, column", "SUBTRACTION, exchange", "MULTIPLICATION, column"})
  void aNumberThatIsBeingCopiedIsNoSlip(Operation operation, String id) {
    Method<?> method = Methods.find(operation, id).orElseThrow();
    for (Problem problem : new RandomSums(83).small(method).limit(60).toList()) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      Judge judge = new Judge(sum);
      List<Written> copied =
          Transcript.puts(sum.work(), true).stream()
              .filter(put -> put.role() == Role.GIVEN)
              .map(Transcript.Put::written)
              .toList();
      int top = copied.get(0).at().row();
      List<Written> first = copied.stream().filter(one -> one.at().row() == top).toList();
      for (int down = 0; down < 3; down++) {
        for (int right = 0; right < 4; right++) {
          for (int figures = 1; figures <= first.size(); figures++) {
            for (List<Written> page :
                List.of(
                    first.subList(0, figures),
                    first.subList(first.size() - figures, first.size()))) {
              List<Written> moved = moved(page, down, right);
              Report report = judge.judge(moved, Stage.IN_WORK, SettingOut.OWN);
              assertEquals(List.of(), report.findings(), () -> problem + " " + moved);
            }
          }
        }
      }
    }
  }

  private static List<Written> moved(List<Written> page, int down, int right) {
    return page.stream()
        .map(one -> new Written(one.at().moved(down, right), one.spot(), one.text()))
        .toList();
  }
}
