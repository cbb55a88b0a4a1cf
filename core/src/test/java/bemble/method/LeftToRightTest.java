package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.Judge;
import bemble.judge.SetOutPage;
import bemble.judge.reading.Transcript;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
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
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The page of an addition from the left, in each of the ways of writing it. */
class LeftToRightTest {
  private static final Method<?> METHOD =
      Methods.find(Operation.ADDITION, "left-to-right").orElseThrow();

  private static Sum sum(Problem problem, Choice choice) {
    return new Sum(problem, METHOD, Style.STANDARD.with(choice));
  }

  private static Sum sum(String line, Choice choice) {
    return sum(
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem(), choice);
  }

  private static List<Problem> sums() {
    return new RandomSums(51).fitting(METHOD, 150).toList();
  }

  /** The numbers of a role, by row and column of their ones. */
  private static Map<String, BigDecimal> numbers(Working page, Role... roles) {
    Map<String, BigDecimal> numbers = new TreeMap<>();
    for (Step step : page.steps()) {
      for (Entry entry : step.entries()) {
        if (List.of(roles).contains(entry.slot().role()) && !entry.marks().isEmpty()) {
          int place = entry.slot().place();
          String at = "%03d %03d".formatted(row(entry), entry.slot().square().column() + place);
          BigDecimal worth = new BigDecimal(entry.value()).scaleByPowerOfTen(place);
          numbers.merge(at, worth, BigDecimal::add);
        }
      }
    }
    return numbers;
  }

  private static int row(Entry entry) {
    return entry.slot().square().row();
  }

  private static BigDecimal total(Iterable<BigDecimal> numbers) {
    BigDecimal total = BigDecimal.ZERO;
    for (BigDecimal number : numbers) {
      total = total.add(number);
    }
    return total;
  }

  @Test
  void thePartsOfALineTogetherAreTheSum() {
    for (Problem problem : sums()) {
      Working page = sum(problem, Choice.PartialSums.ON_ONE_LINE).work();
      if (numbers(page, Role.PARTIAL).isEmpty()) {
        continue;
      }
      BigDecimal parts = total(numbers(page, Role.PARTIAL).values());
      assertEquals(0, parts.compareTo(page.answer().value().value()), problem::toString);
      long pluses =
          page.paper().marks().stream()
              .filter(mark -> mark.role() == Role.SIGN && mark.step() > 0)
              .count();
      assertEquals(numbers(page, Role.PARTIAL).size() - 1, pluses, problem::toString);
      assertTrue(numbers(page, Role.ANSWER).size() <= 1, "other totals are kept in the head");
    }
  }

  @ParameterizedTest
  @EnumSource(
      value = Choice.PartialSums.class,
      names = "UNDER_ONE_ANOTHER",
      mode = EnumSource.Mode.EXCLUDE)
  void whatIsCarriedInTheHeadIsNotWritten(Choice.PartialSums way) {
    for (Problem problem : sums()) {
      Working page = sum(problem, way).work();
      assertTrue(page.paper().marks().stream().noneMatch(mark -> mark.role() == Role.CARRY));
    }
  }

  /** The part is read off and checked like any other answer. */
  @ParameterizedTest
  @CsvSource({"7 + 8, 15", "300 + 200, 500", "0.2 + 0.30, 0.50", "0 + 0, 0", "20.0 + 70.0, 90.0"})
  void aSinglePartIsTheAnswer(String line, BigDecimal answer) {
    for (Choice way : Setting.PARTIAL_SUMS.choices()) {
      Working page = sum(line, way).work();
      BigDecimal written = total(numbers(page, Role.ANSWER).values());
      assertEquals(0, answer.compareTo(written), () -> line + " " + way);
      assertEquals(answer.toPlainString(), page.answer().value().toString());
      assertTrue(page.firstOfAnswer().isPresent());
    }
  }

  /** Each total has more of the sum in it than the one before; the last has all. */
  @ParameterizedTest
  @EnumSource(Choice.PartialSums.class)
  void theTotalsGrowUpToTheSum(Choice.PartialSums way) {
    for (Problem problem : sums()) {
      Working page = sum(problem, way).work();
      BigDecimal before = BigDecimal.ONE.negate();
      for (BigDecimal total : numbers(page, Role.ANSWER).values()) {
        assertTrue(total.compareTo(before) > 0, problem::toString);
        before = total;
      }
      if (before.signum() >= 0) {
        assertEquals(0, before.compareTo(page.answer().value().value()), problem::toString);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "364 + 228, 500 580 592",
    "487 + 215, 600 690 702",
    "304 + 205, 500 509",
    "2.5 + 0.25, 2 2.7 2.75",
    "0.2 + 0.3, 0.5"
  })
  void onlyTotalsAreWrittenInTheHead(String line, String totals) {
    Working page = sum(line, Choice.PartialSums.IN_THE_HEAD).work();
    List<String> written =
        numbers(page, Role.ANSWER).values().stream()
            .map(total -> total.stripTrailingZeros().toPlainString())
            .toList();
    assertEquals(totals, String.join(" ", written));
    assertTrue(numbers(page, Role.PARTIAL, Role.PLACEHOLDER).isEmpty());
  }

  /** On a page that is typed from the left, no square tells how many figures a part has. */
  @Test
  void aPartStandsWhereItStandsWhateverItComesTo() {
    List<String> ones =
        List.of("364 + 228", "361 + 231", "999 + 999").stream()
            .map(line -> sum(line, Choice.PartialSums.ON_ONE_LINE).work())
            .map(page -> numbers(page, Role.PARTIAL).keySet().toString())
            .distinct()
            .toList();
    assertEquals(1, ones.size(), ones::toString);
  }

  /** Where one of the ways is right, it is right in every class. */
  @ParameterizedTest
  @EnumSource(Choice.PartialSums.class)
  void eachWayIsRightInEveryClass(Choice.PartialSums way) {
    for (Problem problem : new RandomSums(52).small(METHOD).limit(40).toList()) {
      Working work = sum(problem, way).work();
      // Only a class that sets nothing out says of an answer alone that nothing is missing.
      boolean alone = way == Choice.PartialSums.ONLY_THE_ANSWER;
      for (Choice classWay : alone ? List.of(way) : Setting.PARTIAL_SUMS.choices()) {
        boolean given = standsAs(way, classWay);
        List<Written> page = given ? Transcript.of(work) : SetOutPage.of(work);
        SettingOut settingOut = given ? SettingOut.GIVEN : SettingOut.OWN;
        Report report = new Judge(sum(problem, classWay)).judge(page, Stage.HANDED_IN, settingOut);
        assertTrue(report.allRight(), () -> problem + " " + way + " in " + classWay);
        assertEquals(0, report.count(Verdict.NOT_NEEDED), () -> problem + " in " + classWay);
      }
    }
  }

  /** Whether the addends stand in the same squares. */
  private static boolean standsAs(Choice way, Choice other) {
    List<Choice> elsewhere =
        List.of(Choice.PartialSums.SUM_ON_ONE_LINE, Choice.PartialSums.ONLY_THE_ANSWER);
    return way == other || !elsewhere.contains(way) && !elsewhere.contains(other);
  }

  /** A writer who sets the sum out alone leaves no squares free for figures that do not come. */
  @ParameterizedTest
  @CsvSource({
    "600+90+12, 702, true, ''",
    "600+90+12, 712, false, 4 2",
    "600+80+12, 692, false, 3 5",
    "600 + 90 + 12, 702, true, ''"
  })
  void partsSetOutAloneStandAsCloseAsOneLikes(
      String line, String total, boolean right, String wrong) {
    Sum sum = sum("487 + 215", Choice.PartialSums.ON_ONE_LINE);
    List<Written> page = new ArrayList<>();
    write(page, 1, 1, "487");
    write(page, 2, 0, "+215");
    write(page, 3, 1, line);
    write(page, 4, 1, total);
    Judge judge = new Judge(sum);
    Report report = judge.judge(page, Stage.HANDED_IN, SettingOut.OWN);
    assertEquals(right, report.allRight(), () -> report.findings().toString());
    List<Square> squares = report.findings().stream().flatMap(f -> f.squares().stream()).toList();
    String first = squares.isEmpty() ? "" : squares.get(0).row() + " " + squares.get(0).column();
    assertEquals(wrong, first);
    for (int written = 1; right && written < page.size(); written++) {
      Report half = judge.judge(page.subList(0, written), Stage.IN_WORK, SettingOut.OWN);
      assertTrue(half.findings().isEmpty(), "after " + written + " figures");
    }
  }

  private static void write(List<Written> page, int row, int column, String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) != ' ') {
        page.add(new Written(new Square(row, column + i), Spot.FULL, text.substring(i, i + 1)));
      }
    }
  }
}
