package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A figure right beside a number makes another number of it, wherever on the page it stands. */
class JoinedFiguresTest {
  private static Sum sum(String line, String method) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    return new Sum(
        problem, Methods.find(problem.operation(), method).orElseThrow(), Style.STANDARD);
  }

  private static Report judged(Sum sum, List<Written> page) {
    return new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
  }

  @ParameterizedTest
  @CsvSource({
    "90138 × 35, column",
    "6068 × 690, column",
    "273 × 24, area",
    "504 − 46, count-up",
    "58 + 67 + 94, left-to-right",
    "9876 ÷ 24, partial-quotients",
    "9876 ÷ 24, short"
  })
  void isTooMany(String line, String method) {
    Sum sum = sum(line, method);
    List<Written> page = Transcript.of(sum.work());
    Set<Square> taken = new HashSet<>();
    page.forEach(written -> taken.add(written.at()));
    for (Mark mark : sum.work().paper().marks()) {
      if (mark.shape() instanceof Shape.Figure figure) {
        taken.add(figure.at());
      }
    }
    for (Written written : page) {
      for (int side : new int[] {-1, 1}) {
        Square beside = written.at().moved(0, side);
        if (written.isFull() && written.isNumber() && !taken.contains(beside)) {
          List<Written> more = new ArrayList<>(page);
          more.add(new Written(beside, Spot.FULL, "9"));
          Report report = judged(sum, more);
          assertFalse(report.allRight(), () -> "9 at " + beside);
          assertTrue(
              report.findings().stream()
                  .map(Finding::squares)
                  .anyMatch(squares -> squares.contains(beside)),
              () -> "9 at " + beside + ": " + report.findings());
        }
      }
    }
  }

  /** The zero that holds a place may be left out, but no other figure may stand there. */
  @Test
  void holdsNoPlace() {
    Sum sum = sum("90138 × 35", "column");
    List<Written> page = new ArrayList<>(Transcript.of(sum.work()));
    Written zero =
        Transcript.puts(sum.work(), false).stream()
            .filter(put -> put.role() == Role.PLACEHOLDER)
            .map(Transcript.Put::written)
            .findFirst()
            .orElseThrow();
    page.remove(zero);
    assertTrue(judged(sum, page).allRight());
    for (int figure = 1; figure <= 9; figure++) {
      List<Written> other = new ArrayList<>(page);
      other.add(new Written(zero.at(), Spot.FULL, String.valueOf(figure)));
      assertFalse(judged(sum, other).allRight(), figure + " in the place of the zero");
    }
  }
}
