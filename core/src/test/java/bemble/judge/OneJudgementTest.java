package bemble.judge;

import static java.util.function.Predicate.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
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
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A page has one judgement, in whatever order and batches it came to be written. */
class OneJudgementTest {
  static List<Method<?>> judged() {
    return Methods.all().stream().filter(Judge::judges).toList();
  }

  /** Pages with slips, and with figures that no hand would write. */
  private static Stream<List<Written>> pages(Sum sum, Random random) {
    List<Slip> slips = sum.method().slips();
    Slip slip = slips.get(random.nextInt(slips.size()));
    List<Written> slipped = new ArrayList<>(Transcript.of(Judge.simulate(sum, List.of(slip))));
    List<Written> wild = new ArrayList<>(Transcript.of(sum.work()));
    wild.replaceAll(
        written ->
            written.isNumber() && random.nextInt(4) == 0
                ? new Written(written.at(), written.spot(), String.valueOf(random.nextInt(10)))
                : written);
    return Stream.of(slipped, wild);
  }

  @ParameterizedTest
  @MethodSource("judged")
  void strokeByStrokeAndAllAtOnceAreTheSame(Method<?> method) {
    Random random = new Random(5);
    for (Problem problem : new RandomSums(41).small(method).limit(5).toList()) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      pages(sum, random)
          .forEach(
              page -> {
                Collections.shuffle(page, random);
                Judge watching = new Judge(sum);
                int end = 0;
                while (end < page.size()) {
                  end = Math.min(page.size(), end + 1 + random.nextInt(3));
                  List<Written> part = page.subList(0, end);
                  assertEquals(
                      said(new Judge(sum).judge(part, Stage.IN_WORK, SettingOut.GIVEN)),
                      said(watching.judge(part, Stage.IN_WORK, SettingOut.GIVEN)),
                      () -> problem + " " + part);
                }
              });
    }
  }

  private static String said(Report report) {
    return report.figures()
        + " "
        + report.missing()
        + " "
        + report.findings().stream()
            .map(finding -> finding.kind() + " " + finding.squares() + " " + finding.slips())
            .toList();
  }

  /** No square is wrong twice, and every finding shows on the page or is missing there. */
  @ParameterizedTest
  @MethodSource("judged")
  void noSquareIsWrongTwice(Method<?> method) {
    Random random = new Random(6);
    for (Problem problem : new RandomSums(43).small(method).limit(40).toList()) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      pages(sum, random)
          .forEach(
              page -> {
                Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
                Set<Object> named = new HashSet<>();
                assertEquals(List.of(), contradictions(report), () -> problem + said(report));
                for (Finding finding : report.findings()) {
                  assertTrue(
                      named.addAll(finding.squares()),
                      () -> problem + " " + page + "\n" + said(report));
                }
              });
    }
  }

  /** Squares that a finding names while the figure in them is not called a slip. */
  private static List<Square> contradictions(Report report) {
    Set<Square> slips =
        report.figures().stream()
            .filter(each -> each.verdict() == Verdict.FIRST_SLIP || each.verdict() == Verdict.SLIP)
            .map(each -> each.written().at())
            .collect(Collectors.toSet());
    Set<Square> written =
        report.figures().stream().map(each -> each.written().at()).collect(Collectors.toSet());
    return report.findings().stream()
        .flatMap(finding -> finding.squares().stream())
        .filter(square -> written.contains(square) && !slips.contains(square))
        .toList();
  }

  /** Ten more is written in many ways; all of them are right, whichever way the sheet has. */
  @ParameterizedTest
  @MethodSource("subtractions")
  void tenMoreIsRightHoweverItIsWritten(Method<?> method) {
    for (Problem problem : new RandomSums(47).small(method).limit(80).toList()) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      Set<Written> full =
          Transcript.of(sum.work()).stream().filter(Written::isFull).collect(Collectors.toSet());
      for (Method<?> other : subtractions()) {
        List<Written> page = new ArrayList<>(full);
        Transcript.of(new Sum(problem, other, Style.STANDARD).work()).stream()
            .filter(written -> !written.isFull() && !written.isPoint())
            .forEach(page::add);
        Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
        assertTrue(report.allRight(), () -> problem + said(report));
        assertEquals(page.size(), report.count(Verdict.RIGHT), () -> problem + said(report));
        page.replaceAll(
            written ->
                !written.isFull() && written.text().matches("1\\d")
                    ? new Written(written.at(), Spot.UPPER_LEFT, "1")
                    : written);
        assertTrue(new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN).allRight());
      }
    }
  }

  static List<Method<?>> subtractions() {
    return judged().stream()
        .filter(method -> List.of("exchange", "add-to-both").contains(method.id()))
        .toList();
  }

  /** Pages are judged anew once another slip becomes known, since the version changes. */
  @Test
  void theVersionIsAnotherWithOtherKnownSlips() {
    List<Method<?>> fewer = Methods.all().stream().filter(not(Judge::judges)).toList();
    assertEquals(Judge.VERSION, Judge.version(Methods.all()));
    assertNotEquals(Judge.VERSION, Judge.version(fewer));
  }
}
