package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.Judge;
import bemble.judge.SetOutPage;
import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.problem.Problem;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class JudgeTest {
  private static final int PAGES = 24;

  static List<Method<?>> judged() {
    return SlipMeasure.judged();
  }

  static List<Method<?>> unframed() {
    return judged().stream().filter(method -> method.form() == PageForm.COLUMNS).toList();
  }

  static Stream<Arguments> slips() {
    return SlipMeasure.all();
  }

  private static Report judge(Method<?> method, Problem sum, List<Written> page) {
    return new Judge(new Sum(sum, method, Style.STANDARD))
        .judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
  }

  /** Methods in which small figures only help; elsewhere they write parts of several figures. */
  @ParameterizedTest
  @MethodSource("judged")
  void theTruePageIsAllRightInAnyOrder(Method<?> method) {
    Random random = new Random(3);
    for (Problem sum : new RandomSums(19).fitting(method, 80).toList()) {
      List<Written> page =
          new ArrayList<>(Transcript.of(new Sum(sum, method, Style.STANDARD).work()));
      Collections.shuffle(page, random);
      allRight(judge(method, sum, page), sum);
    }
  }

  @ParameterizedTest
  @MethodSource("judged")
  void theTruePageIsAllRightWithoutItsSmallFigures(Method<?> method) {
    for (Problem sum : new RandomSums(19).fitting(method, 80).toList()) {
      List<Written> page =
          Transcript.puts(new Sum(sum, method, Style.STANDARD).work(), false).stream()
              .filter(put -> put.kind() != Transcript.Kind.AID)
              .map(Transcript.Put::written)
              .toList();
      allRight(judge(method, sum, page), sum);
    }
  }

  private static void allRight(Report report, Problem sum) {
    assertTrue(report.allRight(), () -> sum + ": " + report.findings() + report.missing());
    assertEquals(report.figures().size(), report.count(Verdict.RIGHT), () -> sum + "");
  }

  @ParameterizedTest
  @MethodSource("slips")
  void aSlipAtOnePlaceIsNamedToo(Method<?> method, Slip slip) {
    SlipMeasure measure = SlipMeasure.atOnePlace(method, slip, PAGES);
    assertEquals(measure.shown(), measure.named(), measure::toString);
    assertTrue(10 * measure.alone() >= 9 * measure.shown(), measure::toString);
  }

  /** Every slip is found and named at its first place; its consequences are no new slips. */
  @ParameterizedTest
  @MethodSource("slips")
  void everySlipIsFoundAndNamed(Method<?> method, Slip slip) {
    SlipMeasure measure = SlipMeasure.of(method, slip, PAGES);
    assertTrue(measure.shown() > 3, measure::toString);
    if (slip.isMissedFact()) {
      // Each fact that is missed is a slip of its own, and two side by side may look like another.
      assertTrue(10 * measure.named() >= 9 * measure.shown(), measure::toString);
      return;
    }
    assertEquals(measure.shown(), measure.named(), measure::toString);
    assertTrue(10 * measure.first() >= 9 * measure.shown(), measure::toString);
    assertTrue(10 * measure.alone() >= 9 * measure.shown(), measure::toString);
  }

  @ParameterizedTest
  @MethodSource("judged")
  void aPageWithTwoSlipsIsNeverCalledRight(Method<?> method) {
    List<Slip> slips = method.slips().stream().filter(slip -> !slip.isOfSettingOut()).toList();
    Random random = new Random(6);
    new RandomSums(43)
        .small(method)
        .limit(60)
        .forEach(
            sum -> {
              Slip one = slips.get(random.nextInt(slips.size()));
              Slip other = slips.get(random.nextInt(slips.size()));
              Working slipped =
                  Judge.simulate(new Sum(sum, method, Style.STANDARD), List.of(one, other));
              Report report = judge(method, sum, Transcript.of(slipped));
              Working truth = new Sum(sum, method, Style.STANDARD).work();
              if (!slipped.answer().equals(truth.answer())) {
                assertFalse(
                    report.findings().isEmpty(), () -> one + " and " + other + " in " + sum);
                assertFalse(report.findings().get(0).squares().isEmpty());
                assertFalse(report.allRight(), () -> one + " and " + other + " in " + sum);
              }
            });
  }

  /** Without a ruled frame, the sum may be set out anywhere on the sheet. */
  @ParameterizedTest
  @MethodSource("unframed")
  void aPageSetOutElsewhereOnTheSheetIsAllRight(Method<?> method) {
    new RandomSums(47)
        .small(method)
        .limit(40)
        .forEach(
            sum -> {
              List<Written> page =
                  SetOutPage.of(new Sum(sum, method, Style.STANDARD).work()).stream()
                      .map(w -> new Written(w.at().moved(3, 2), w.spot(), w.text()))
                      .toList();
              Report report =
                  new Judge(new Sum(sum, method, Style.STANDARD))
                      .judge(page, Stage.HANDED_IN, SettingOut.OWN);
              if (sum.numbers().stream().distinct().count() == sum.numbers().size()) {
                allRight(report, sum);
              }
            });
  }

  @ParameterizedTest
  @MethodSource("unframed")
  void aSignThatWasForgottenIsTheOnlyFinding(Method<?> method) {
    new RandomSums(59)
        .small(method)
        .limit(20)
        .forEach(
            sum -> {
              String sign = String.valueOf(method.operation().sign());
              List<Written> page =
                  SetOutPage.of(new Sum(sum, method, Style.STANDARD).work()).stream()
                      .filter(written -> !written.text().equals(sign))
                      .toList();
              Judge judge = new Judge(new Sum(sum, method, Style.STANDARD));
              Report report = judge.judge(page, Stage.HANDED_IN, SettingOut.OWN);
              assertEquals(
                  List.of(Finding.Kind.SIGN_MISSING),
                  report.findings().stream().map(Finding::kind).toList());
              assertTrue(judge.judge(page, Stage.IN_WORK, SettingOut.OWN).findings().isEmpty());
            });
  }

  /** A judge who saw the page being written says the same as one who sees it for the first time. */
  @ParameterizedTest
  @MethodSource("judged")
  void aPageIsJudgedAlikeAsItGrowsAndAtOnce(Method<?> method) {
    Random random = new Random(12);
    List<Slip> slips = method.slips();
    new RandomSums(53)
        .small(method)
        .limit(15)
        .forEach(
            sum -> {
              Slip slip = slips.get(random.nextInt(slips.size()));
              Working slipped = Judge.simulate(new Sum(sum, method, Style.STANDARD), List.of(slip));
              Judge watching = new Judge(new Sum(sum, method, Style.STANDARD));
              List<Written> page = new ArrayList<>();
              for (Written written : Transcript.of(slipped)) {
                page.add(written);
                if (random.nextInt(12) == 0) {
                  page.remove(random.nextInt(page.size()));
                }
                Report seen = watching.judge(page, Stage.IN_WORK, SettingOut.GIVEN);
                Report fresh =
                    new Judge(new Sum(sum, method, Style.STANDARD))
                        .judge(page, Stage.IN_WORK, SettingOut.GIVEN);
                assertEquals(fresh.figures(), seen.figures(), () -> slip + " in " + sum);
                assertEquals(fresh.missing(), seen.missing(), () -> slip + " in " + sum);
              }
            });
  }

  @ParameterizedTest
  @MethodSource("judged")
  void everyFigureOfAPageOfRandomDigitsGetsAVerdict(Method<?> method) {
    Random random = new Random(8);
    new RandomSums(37)
        .small(method)
        .limit(40)
        .forEach(
            sum -> {
              List<Written> page = new ArrayList<>();
              for (Written written : Transcript.of(new Sum(sum, method, Style.STANDARD).work())) {
                if (random.nextInt(5) > 0) {
                  String text = random.nextInt(3) == 0 ? written.text() : "" + random.nextInt(10);
                  page.add(
                      new Written(
                          written.at().moved(random.nextInt(8) / 7, random.nextInt(8) / 7),
                          written.spot(),
                          text));
                }
              }
              assertEquals(page.size(), judge(method, sum, page).figures().size());
            });
  }
}
