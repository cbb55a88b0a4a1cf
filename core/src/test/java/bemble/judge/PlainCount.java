package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.method.Sum;
import bemble.paper.Square;
import bemble.slip.Slip;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Counts the findings on pages of a writer who knows no procedure, each with one slip or none. */
final class PlainCount {
  private int shown;
  private int alone;
  private int named;

  /** Judges a page: wrong is never right, right never wrong, and the first slip comes first. */
  void add(Sum sum, PlainPaper paper, PlainPaper truth, String name) {
    boolean isRight = paper.isLike(truth);
    add(sum, paper, isRight ? Optional.empty() : Optional.of(paper.firstUnlike(truth)), name);
  }

  /** The same, where it is known which square is wrong first, if any is. */
  void add(Sum sum, PlainPaper paper, Optional<Square> wrong, String name) {
    Report report = new Judge(sum).judge(paper.figures(), Stage.HANDED_IN, SettingOut.GIVEN);
    assertEquals(wrong.isEmpty(), report.allRight(), () -> told(sum, report));
    if (!report.allRight()) {
      shown++;
      Finding first = report.findings().get(0);
      assertEquals(wrong.orElseThrow(), first.squares().get(0), () -> told(sum, report));
      alone += report.findings().size() == 1 ? 1 : 0;
      named += isNamed(first, name) ? 1 : 0;
    }
  }

  private static String told(Sum sum, Report report) {
    return sum.problem()
        + report.findings().stream()
            .map(
                found ->
                    "; %s %s %s %s"
                        .formatted(found.kind(), found.squares(), found.slips(), found.fact()))
            .collect(Collectors.joining());
  }

  /** By its slip, or by the kind of the fact that was missed; either, where a name has both. */
  private static boolean isNamed(Finding first, String name) {
    List<String> names = List.of(name.split("/"));
    return first.slips().stream().map(Slip::id).anyMatch(names::contains)
        || first.fact().stream().anyMatch(missed -> names.contains(missed.fact().kind().name()));
  }

  /** Fails where fewer pages of a hundred than wanted show one finding, or have its name. */
  void check(int aloneFloor, int namedFloor) {
    assertTrue(100 * alone >= aloneFloor * shown, alone + " alone of " + shown);
    assertTrue(100 * named >= namedFloor * shown, named + " named of " + shown);
  }
}
