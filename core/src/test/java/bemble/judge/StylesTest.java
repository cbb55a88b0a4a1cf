package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.method.Method;
import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Choice;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Pages of every class, whatever its House style, on sheets that were set out and on empty ones.
 */
class StylesTest {
  private static final Map<String, List<String>> LINES =
      Map.of(
          "addition", List.of("46 + 38", "578 + 64 + 291", "9,999 + 7", "12.50 + 7.85"),
          "subtraction", List.of("83 − 47", "702 − 385", "6,003 − 487", "10.05 − 0.78"),
          "multiplication", List.of("57 × 38", "306 × 204", "48 × 7", "250 × 40"),
          "division", List.of("936 ÷ 4", "4,236 ÷ 6", "605 ÷ 12", "7 ÷ 9"),
          "root", List.of("√2,916", "√94,249", "√7 to 2 places"));

  static List<Method<?>> judged() {
    return Methods.all().stream().filter(Judge::judges).toList();
  }

  /** The standard style with every choice there is on its own, and a few mixtures. */
  private static List<Style> styles() {
    List<Style> styles = new ArrayList<>();
    for (Setting setting : Setting.values()) {
      for (Choice choice : setting.choices()) {
        style(Map.of(setting, choice)).ifPresent(styles::add);
      }
    }
    Random random = new Random(111);
    for (int mixed = 0; mixed < 12; mixed++) {
      Map<Setting, Choice> choices = new EnumMap<>(Setting.class);
      for (Setting setting : Setting.values()) {
        choices.put(setting, setting.choices().get(random.nextInt(setting.choices().size())));
      }
      style(choices).ifPresent(styles::add);
    }
    return styles;
  }

  private static Optional<Style> style(Map<Setting, Choice> changed) {
    Map<Setting, Choice> choices = new EnumMap<>(Style.STANDARD.choices());
    choices.putAll(changed);
    return Style.clash(choices).isEmpty()
        ? Optional.of(new Style(choices, Map.of(), RoundMoves.STANDARD, Style.ENGLISH))
        : Optional.empty();
  }

  private static List<Sum> sums(Method<?> method) {
    List<Sum> sums = new ArrayList<>();
    for (String line : LINES.get(method.operation().id())) {
      Problem problem =
          ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
      if (Methods.misfit(method, problem).isEmpty()) {
        styles().forEach(style -> sums.add(new Sum(problem, method, style)));
      }
    }
    return sums;
  }

  private static List<Written> page(Sum sum, SettingOut settingOut) {
    return settingOut == SettingOut.OWN ? SetOutPage.of(sum.work()) : Transcript.of(sum.work());
  }

  private static List<SettingOut> settingsOut(Method<?> method) {
    return method.form() == PageForm.COLUMNS
        ? List.of(SettingOut.values())
        : List.of(SettingOut.GIVEN);
  }

  @ParameterizedTest
  @MethodSource("judged")
  void aClassIsNeverToldThatItsOwnWayIsWrong(Method<?> method) {
    for (Sum sum : sums(method)) {
      for (SettingOut settingOut : settingsOut(method)) {
        Report report = new Judge(sum).judge(page(sum, settingOut), Stage.HANDED_IN, settingOut);
        assertTrue(
            report.allRight(),
            () -> sum.problem() + " " + sum.style().choices() + report.findings());
        assertEquals(report.figures().size(), report.count(Verdict.RIGHT), sum::toString);
      }
    }
  }

  /** Small figures that the class does not write are not said to be wrong. */
  @ParameterizedTest
  @MethodSource("judged")
  void aClassThatKeepsCarriesInMindWritesNoneAndTakesThoseOfOthers(Method<?> method) {
    Style inMind = Style.STANDARD.with(Choice.CarryPosition.KEPT_IN_MIND);
    Style onLine = Style.STANDARD.with(Choice.CarryPosition.ON_LINE);
    for (Sum written : sums(method)) {
      if (written.style().equals(onLine)) {
        Sum sum = new Sum(written.problem(), method, inMind);
        assertTrue(
            sum.work().paper().marks().stream()
                .noneMatch(
                    mark -> mark.role() == Role.CARRY && mark.shape() instanceof Shape.Small),
            sum::toString);
        Report report =
            new Judge(sum)
                .judge(page(written, SettingOut.GIVEN), Stage.HANDED_IN, SettingOut.GIVEN);
        assertTrue(report.allRight(), () -> sum.problem() + " " + report.findings());
      }
    }
  }

  /** Half a page is neither wrong nor finished, wherever its writer has stopped. */
  @ParameterizedTest
  @MethodSource("judged")
  void aPageInWorkIsRightAsFarAsItHasCome(Method<?> method) {
    Random random = new Random(112);
    for (Sum sum : sums(method)) {
      List<Written> whole = page(sum, SettingOut.GIVEN);
      List<Written> begun = whole.subList(0, random.nextInt(whole.size()));
      Report report = new Judge(sum).judge(begun, Stage.IN_WORK, SettingOut.GIVEN);
      assertTrue(report.findings().isEmpty(), () -> sum.problem() + " " + report.findings());
      assertEquals(begun.size(), report.count(Verdict.RIGHT), sum::toString);
    }
  }

  /** In any style, one figure of the answer that is another one does not pass. */
  @ParameterizedTest
  @MethodSource("judged")
  void aWrongFigureOfTheAnswerNeverPasses(Method<?> method) {
    Random random = new Random(113);
    List<Sum> sums = sums(method);
    Collections.shuffle(sums, random);
    for (Sum sum : sums.subList(0, sums.size() / 3)) {
      List<Transcript.Put> puts = Transcript.puts(sum.work(), false);
      List<Transcript.Put> answer =
          puts.stream()
              .filter(put -> put.role().kind() == Role.Kind.ANSWER)
              .filter(put -> put.kind() == Transcript.Kind.FIGURE)
              .toList();
      if (answer.isEmpty()) {
        continue; // A box of one row: its total is the answer.
      }
      Written right = answer.get(random.nextInt(answer.size())).written();
      String other = "" + (right.text().charAt(0) - '0' + 1 + random.nextInt(9)) % 10;
      List<Written> page = new ArrayList<>(puts.stream().map(Transcript.Put::written).toList());
      page.set(page.indexOf(right), new Written(right.at(), right.spot(), other));
      Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
      assertFalse(
          report.allRight(),
          () -> sum.problem() + " with " + other + " for " + right + sum.style().choices());
    }
  }
}
