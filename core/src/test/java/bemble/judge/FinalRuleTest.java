package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
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
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.slip.TakingSlips;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A page is all right only if the number that is read off its answer is the true one. */
class FinalRuleTest {
  static List<Method<?>> judged() {
    return Methods.all().stream().filter(Judge::judges).toList();
  }

  private static Sum sum(String line, Operation operation, String method) {
    Reading reading = new ProblemReader(Limits.STANDARD).read(line);
    Problem problem = ((Reading.Understood) reading).problem();
    return new Sum(problem, Methods.find(operation, method).orElseThrow(), Style.STANDARD);
  }

  private static Report judge(Sum sum, List<Written> page, SettingOut settingOut) {
    return new Judge(sum).judge(page, Stage.HANDED_IN, settingOut);
  }

  /** The figures in the rows of the answer, row by row, without zeros in front. */
  private static String read(Sum sum, List<Written> page) {
    TreeMap<Integer, TreeMap<Integer, String>> rows = new TreeMap<>();
    for (Transcript.Put put : Transcript.puts(sum.work(), false)) {
      if (put.role().kind() == Role.Kind.ANSWER && put.kind() == Transcript.Kind.FIGURE) {
        rows.put(put.written().at().row(), new TreeMap<>());
      }
    }
    for (Written written : page) {
      TreeMap<Integer, String> row = rows.get(written.at().row());
      if (row != null && written.spot() == Spot.FULL) {
        row.put(written.at().column(), written.text());
      }
    }
    return rows.values().stream()
        .map(row -> String.join("", row.values()).replaceFirst("^0+(?=.)", ""))
        .toList()
        .toString();
  }

  /** A figure more, less or another in the answer: whatever is then read is never all right. */
  @ParameterizedTest
  @MethodSource("judged")
  void noOtherNumberPasses(Method<?> method) {
    Random random = new Random(11);
    int tried = 0;
    for (Problem problem : new RandomSums(31).small(method).limit(30).toList()) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      List<Written> truth = Transcript.of(sum.work());
      List<Written> answer =
          Transcript.puts(sum.work(), false).stream()
              .filter(put -> put.role().kind() == Role.Kind.ANSWER)
              .filter(put -> put.kind() == Transcript.Kind.FIGURE)
              .map(Transcript.Put::written)
              .toList();
      for (int change = 0; change < 4 && !answer.isEmpty(); change++) {
        List<Written> page = changed(truth, answer, change, random);
        boolean isFree = page.stream().map(Written::at).distinct().count() == page.size();
        if (isFree && change < 3 | !read(sum, page).equals(read(sum, truth))) {
          tried++;
          String what = sum.problem() + " " + read(sum, page);
          assertFalse(judge(sum, page, SettingOut.GIVEN).allRight(), what);
        }
      }
    }
    boolean isElsewhere = method.id().equals("lattice") || method.id().equals("count-back");
    assertTrue(tried > 20 || isElsewhere, method.id() + tried);
  }

  /** Counting back ends at the answer: no other number passes there. */
  @Test
  void noOtherLastStopPasses() {
    Method<?> back = Methods.find(Operation.SUBTRACTION, "count-back").orElseThrow();
    int tried = 0;
    for (Problem problem : new RandomSums(31).small(back).limit(200).toList()) {
      Sum sum = new Sum(problem, back, Style.STANDARD);
      List<Transcript.Put> stops =
          Transcript.puts(sum.work(), false).stream()
              .filter(put -> put.role() == Role.STOP)
              .toList();
      if (!stops.isEmpty()) {
        tried++;
        Written last = stops.get(stops.size() - 1).written();
        List<Written> page = new ArrayList<>(Transcript.of(sum.work()));
        Collections.replaceAll(page, last, new Written(last.at(), last.spot(), "1" + last.text()));
        assertFalse(judge(sum, page, SettingOut.GIVEN).allRight(), problem::toString);
      }
    }
    assertTrue(tried > 20, "tried " + tried);
  }

  private static List<Written> changed(
      List<Written> truth, List<Written> answer, int change, Random random) {
    List<Written> page = new ArrayList<>(truth);
    String digit = String.valueOf(1 + random.nextInt(9));
    Written any = answer.get(random.nextInt(answer.size()));
    switch (change) {
      case 0 -> page.add(new Written(leftOf(answer), Spot.FULL, digit));
      case 1 -> page.remove(any);
      case 2 -> {
        int other = (Integer.parseInt(any.text()) + 1 + random.nextInt(9)) % 10;
        Collections.replaceAll(page, any, new Written(any.at(), Spot.FULL, String.valueOf(other)));
      }
      default -> page.add(new Written(rightOf(answer), Spot.FULL, digit));
    }
    return page;
  }

  private static Square leftOf(List<Written> answer) {
    return end(answer, -1).moved(0, -1);
  }

  private static Square rightOf(List<Written> answer) {
    return end(answer, 1).moved(0, 1);
  }

  private static Square end(List<Written> answer, int side) {
    return answer.stream()
        .map(Written::at)
        .max((one, other) -> side * Integer.compare(one.column(), other.column()))
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "12 + 34, ADDITION, column",
    "94 ÷ 20, DIVISION, long",
    "57 × 38, MULTIPLICATION, column"
  })
  void theExtraFigureIsTheOneThatIsNamed(String line, Operation operation, String method) {
    Sum sum = sum(line, operation, method);
    List<Written> answer =
        Transcript.puts(sum.work(), false).stream()
            .filter(put -> put.role().kind() == Role.Kind.ANSWER)
            .map(Transcript.Put::written)
            .toList();
    List<Written> page = new ArrayList<>(Transcript.of(sum.work()));
    page.add(new Written(leftOf(answer), Spot.FULL, "8"));
    Report report = judge(sum, page, SettingOut.GIVEN);
    assertEquals(1, report.findings().size());
    assertEquals(Finding.Kind.TOO_MANY, report.findings().get(0).kind());
    assertEquals(List.of(leftOf(answer)), report.findings().get(0).squares());
    page.remove(page.size() - 1);
    page.add(new Written(leftOf(answer), Spot.FULL, "0"));
    assertTrue(judge(sum, page, SettingOut.GIVEN).allRight());
  }

  /** 40 − 35 with the ten brought over and the 4 left as it was. */
  @Test
  void aTenThatNobodyPaidForIsNoAnswerInFrontOfTheOnes() {
    Sum sum = sum("40 − 35", Operation.SUBTRACTION, "exchange");
    List<Written> page = new ArrayList<>(Transcript.of(sum.work()));
    page.removeIf(written -> written.text().equals("3"));
    page.add(new Written(leftOf(page.subList(page.size() - 1, page.size())), Spot.FULL, "1"));
    Report report = judge(sum, page, SettingOut.GIVEN);
    assertFalse(report.allRight());
    assertEquals(TakingSlips.NEIGHBOUR_NOT_LESS, report.findings().get(0).slips().get(0));
  }

  @ParameterizedTest
  @EnumSource(
      value = Operation.class,
      names = {"ADDITION", "SUBTRACTION"})
  void aPointInTheWrongPlaceIsFoundWhereverItStands(Operation operation) {
    String sign = operation == Operation.ADDITION ? "+" : "−";
    String method = operation == Operation.ADDITION ? "column" : "exchange";
    Sum sum = sum("4.75 " + sign + " 2.5", operation, method);
    List<Written> truth = SetOutPage.of(sum.work());
    assertTrue(judge(sum, truth, SettingOut.OWN).allRight());
    for (Written point : truth.stream().filter(Written::isPoint).toList()) {
      List<Written> without = new ArrayList<>(truth);
      without.remove(point);
      Report missing = judge(sum, without, SettingOut.OWN);
      assertEquals(List.of(Finding.Kind.POINT), kinds(missing));
      assertEquals(List.of(point.at()), missing.findings().get(0).squares());
      without.add(new Written(point.at().moved(0, -1), point.spot(), "."));
      Report elsewhere = judge(sum, without, SettingOut.OWN);
      assertEquals(List.of(Finding.Kind.POINT), kinds(elsewhere));
      assertEquals(1, elsewhere.count(Verdict.FIRST_SLIP));
    }
  }

  private static List<Finding.Kind> kinds(Report report) {
    return report.findings().stream().map(Finding::kind).toList();
  }

  /** The shorter fraction needs no zero behind it, and no point where it has no fraction. */
  @ParameterizedTest
  @CsvSource({"1.5 + 2.25, 2.25 + 1.5", "12 + 0.75, 0.75 + 12", "34 × 26, 26 × 34"})
  void theNumbersMayStandInEitherOrder(String line, String other) {
    Operation operation = line.contains("×") ? Operation.MULTIPLICATION : Operation.ADDITION;
    Sum sum = sum(line, operation, "column");
    List<Written> page = SetOutPage.of(sum(other, operation, "column").work());
    assertTrue(
        judge(sum, page, SettingOut.OWN).allRight(),
        () -> judge(sum, page, SettingOut.OWN).findings().toString());
  }
}
