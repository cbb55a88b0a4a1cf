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
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Problem;
import bemble.slip.FactSlips;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MissedFactsTest {
  private static final int SUMS = 40;

  static Stream<Method<?>> withMisreading() {
    return having(FactSlips.FIGURE_MISREAD);
  }

  static Stream<Method<?>> withMissedFacts() {
    return having(FactSlips.FACT_ONE_OUT);
  }

  private static Stream<Method<?>> having(Slip slip) {
    return Methods.all().stream()
        .filter(Judge::judges)
        .filter(method -> method.slips().contains(slip));
  }

  /** The first findings on pages on which a slip was made, where they have its name. */
  private static List<Finding> named(Method<?> method, Slip slip) {
    List<Problem> sums = new RandomSums(53).small(method).limit(SUMS).toList();
    return sums.stream()
        .map(problem -> new Sum(problem, method, Style.STANDARD))
        .flatMap(sum -> first(sum, slip).stream())
        .filter(finding -> finding.slips().stream().findFirst().equals(Optional.of(slip)))
        .toList();
  }

  private static Optional<Finding> first(Sum sum, Slip slip) {
    List<Written> page = Transcript.of(Judge.simulate(sum, List.of(slip)));
    Report report = new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
    return report.findings().stream().findFirst();
  }

  @ParameterizedTest
  @MethodSource("withMisreading")
  void holdNoFactAgainstWhoeverReadAnotherFigure(Method<?> method) {
    List<Finding> found = named(method, FactSlips.FIGURE_MISREAD);
    assertTrue(found.size() > SUMS / 4, method.id() + ": " + found.size());
    found.forEach(finding -> assertEquals(Optional.empty(), finding.fact(), method.id()));
  }

  @ParameterizedTest
  @MethodSource("withMissedFacts")
  void tellWhatTheFactWasTakenAs(Method<?> method) {
    List<Finding> found = named(method, FactSlips.FACT_ONE_OUT);
    assertTrue(found.stream().anyMatch(finding -> finding.fact().isPresent()), method.id());
  }
}
