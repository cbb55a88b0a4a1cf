package bemble.judge.reading;

import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.Written;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The sign of a sum that its writer sets out: a drawn mark, which no entry of the procedure stands
 * for.
 */
public final class Signs {
  private Signs() {}

  /** The sign of the operation, as it is written when the sum is set out. */
  public static Optional<Written> of(Working working) {
    return mark(working).map(Signs::written);
  }

  private static Optional<Mark> mark(Working working) {
    return working.paper().marks().stream()
        .filter(mark -> mark.role() == Role.SIGN && mark.shape() instanceof Shape.Figure)
        .filter(mark -> working.opensWith(mark))
        .findFirst();
  }

  private static Written written(Mark mark) {
    Shape.Figure figure = (Shape.Figure) mark.shape();
    return new Written(figure.at(), Spot.FULL, figure.text());
  }

  /** The report, with a finding at its end if the sign stands nowhere on the page. */
  public static Report withFinding(Report report, List<Written> page, Working truth) {
    Optional<Mark> sign = mark(truth);
    String text = sign.map(mark -> written(mark).text()).orElse("");
    if (sign.isEmpty() || page.stream().anyMatch(written -> written.text().equals(text))) {
      return report;
    }
    Written due = written(sign.get());
    List<Finding> findings = new ArrayList<>(report.findings());
    findings.add(
        new Finding(
            List.of(due.at()),
            truth.steps().get(sign.get().step()),
            List.of(due),
            Finding.Kind.SIGN_MISSING,
            List.of(),
            Optional.empty()));
    return new Report(report.figures(), report.missing(), findings, report.page(), report.next());
  }
}
