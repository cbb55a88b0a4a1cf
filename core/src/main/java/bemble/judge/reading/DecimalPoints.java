package bemble.judge.reading;

import bemble.judge.report.Finding;
import bemble.judge.report.Judged;
import bemble.judge.report.Report;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The decimal marks of a sum that its writer sets out. They are drawn with its numbers, so no entry
 * of the procedure stands for them; each number must have its own where it belongs.
 */
public final class DecimalPoints {
  private DecimalPoints() {}

  /** The report, with a finding for each row whose point stands elsewhere or nowhere. */
  public static Report withFindings(Report report, List<Written> page, Stage stage) {
    Handwriting writing = new Handwriting(page);
    Prediction meant = new Prediction(report.page());
    List<Finding> findings = new ArrayList<>(report.findings());
    Set<Square> allDue = meant.pointsOnPaper();
    for (Square due : allDue) {
      List<Square> points = new ArrayList<>(writing.pointsInRow(due.row()));
      // A line of parts has a point for each of them.
      points.removeIf(point -> !point.equals(due) && allDue.contains(point));
      boolean hasFraction = !writing.digitsLeftFrom(due.moved(0, 1)).isEmpty();
      boolean isMissing = points.isEmpty() && stage == Stage.HANDED_IN && hasFraction;
      boolean isElsewhere = !points.isEmpty() && !points.equals(List.of(due));
      if (!meant.hasPoint(due) && (isMissing || isElsewhere)) {
        findings.add(finding(due, isMissing ? List.of(due) : points, meant.working()));
      }
    }
    Set<Square> wrong = new HashSet<>();
    List<Finding> added = findings.subList(report.findings().size(), findings.size());
    added.forEach(finding -> wrong.addAll(finding.squares()));
    Verdict verdict = report.findings().isEmpty() ? Verdict.FIRST_SLIP : Verdict.SLIP;
    List<Judged> figures =
        report.figures().stream()
            .map(each -> isAt(each.written(), wrong) ? new Judged(each.written(), verdict) : each)
            .toList();
    return new Report(figures, report.missing(), findings, report.page(), report.next());
  }

  private static boolean isAt(Written written, Set<Square> squares) {
    return written.isPoint() && squares.contains(written.at());
  }

  private static Finding finding(Square due, List<Square> squares, Working meant) {
    Step step =
        meant.paper().marks().stream()
            .filter(mark -> due.equals(Prediction.pointOf(mark)))
            .map(mark -> meant.steps().get(mark.step()))
            .findFirst()
            .orElseThrow();
    Written point = new Written(due, Spot.LOWER_RIGHT, ".");
    return new Finding(
        squares, step, List.of(point), Finding.Kind.POINT, List.of(), Optional.empty());
  }
}
