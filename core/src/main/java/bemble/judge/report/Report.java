package bemble.judge.report;

import bemble.paper.Role;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The judge's report on a page.
 *
 * @param figures everything that was written, in the order given, with its verdict
 * @param missing the squares that lack a mark, in the order of writing
 * @param findings the things that went wrong, in the order of the procedure; a missing sign comes
 *     last
 * @param page the page as its writer means it: all its marks, and everything that follows from them
 * @param next the next step to write; null if nothing is missing
 */
public record Report(
    List<Judged> figures,
    List<Square> missing,
    List<Finding> findings,
    Working page,
    @Nullable Next next) {
  /** A step that is still to be done, and the marks that it writes. */
  public record Next(Step step, List<Written> due) {}

  /** Keeps copies of the lists. */
  public Report {
    figures = List.copyOf(figures);
    missing = List.copyOf(missing);
    findings = List.copyOf(findings);
  }

  /**
   * The step to ask about before another: the one that writes a small figure which that step goes
   * on from, while it stands nowhere; the step itself where everything stands.
   *
   * @param truth the true page, for the steps that its writer has not begun
   */
  public Step askedFirst(Step step, Working truth) {
    for (Entry entry : step.entries()) {
      for (Entry read : entry.reads()) {
        if (read.slot().role().kind() == Role.Kind.AID && !stands(read.slot())) {
          return Stream.of(page, truth)
              .flatMap(each -> each.steps().stream())
              .filter(other -> other.entries().stream().anyMatch(e -> e.slot().equals(read.slot())))
              .findFirst()
              .map(earlier -> askedFirst(earlier, truth))
              .orElse(step);
        }
      }
    }
    return step;
  }

  private boolean stands(Slot slot) {
    return figures.stream()
        .map(Judged::written)
        .anyMatch(each -> each.at().equals(slot.square()) && each.spot() == slot.spot());
  }

  /** How many figures have a verdict. */
  public long count(Verdict verdict) {
    return figures.stream().filter(each -> each.verdict() == verdict).count();
  }

  /** Whether nothing is wrong and nothing is missing. */
  public boolean allRight() {
    return findings.isEmpty() && missing.isEmpty();
  }
}
