package bemble.judge.report;

import bemble.paper.Mark;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The report on a page that could not be read in every square: a finding only if all of its grounds
 * are known.
 */
public final class KnownSquares {
  private final Set<Square> known = new HashSet<>();
  private final Set<Square> unread;

  /** For each slot all entries that are written in the same step. */
  private final Map<Slot, List<Entry>> writtenWith = new HashMap<>();

  /**
   * The known squares of a page.
   *
   * @param page the marks that were read
   * @param printed the marks that stood on the sheet before
   * @param unread the squares with other marks
   */
  public KnownSquares(List<Written> page, List<Mark> printed, Set<Square> unread) {
    this.unread = Set.copyOf(unread);
    page.stream().filter(Written::isFull).map(Written::at).forEach(known::add);
    for (Mark mark : printed) {
      if (mark.shape() instanceof Shape.Figure figure) {
        known.add(figure.at());
      }
    }
    known.removeAll(unread);
  }

  /** The report without the parts that may not be told. Unread squares count as not yet written. */
  public Report told(Report report) {
    for (Step step : report.page().steps()) {
      step.entries().forEach(entry -> writtenWith.put(entry.slot(), step.entries()));
    }
    List<Finding> findings = report.findings().stream().filter(this::isGrounded).toList();
    boolean isFirst = report.findings().equals(findings) && isReadUpTo(findings, report);
    List<Judged> figures =
        report.figures().stream()
            .filter(each -> isGrounded(each, findings))
            .map(each -> isFirst ? each : notFirst(each))
            .toList();
    return new Report(figures, List.copyOf(unread), findings, report.page(), null);
  }

  private boolean isGrounded(Finding finding) {
    boolean isOfOneStep =
        switch (finding.kind()) {
          case KNOWN -> finding.slips().stream().noneMatch(slip -> slip.isOfSettingOut());
          case NUMBER_FACT -> true;
          default -> false;
        };
    return isOfOneStep
        && known.containsAll(finding.squares())
        && finding.step().entries().stream().allMatch(this::isKnownAndFollows);
  }

  /** Whether no square of an entry is unread, and all that it follows from is known. */
  private boolean isKnownAndFollows(Entry entry) {
    return squares(entry).noneMatch(unread::contains)
        && entry.reads().stream().allMatch(this::isKnown);
  }

  /**
   * The set-out numbers are known. A small figure that is not read is known if its grounds are, and
   * so is the entry written with it: one wrong sum may be wrong in both.
   */
  private boolean isKnown(Entry entry) {
    return switch (entry.slot().role().kind()) {
      case GIVEN -> true;
      case AID ->
          isKnownAndFollows(entry)
              && writtenWith.getOrDefault(entry.slot(), List.of()).stream()
                  .flatMap(KnownSquares::squares)
                  .noneMatch(unread::contains);
      default -> squares(entry).allMatch(known::contains);
    };
  }

  private static Stream<Square> squares(Entry entry) {
    Slot slot = entry.slot();
    int figures = slot.spot() == Spot.FULL ? entry.value().toString().length() : 1;
    return IntStream.range(0, figures).mapToObj(left -> slot.square().moved(0, -left));
  }

  /** Whether all is read that is written before the first finding. */
  private boolean isReadUpTo(List<Finding> findings, Report report) {
    if (findings.isEmpty()) {
      return false;
    }
    List<Square> first = findings.get(0).squares();
    return report.page().steps().stream()
        .flatMap(step -> step.entries().stream())
        .takeWhile(entry -> squares(entry).noneMatch(first::contains))
        .flatMap(KnownSquares::squares)
        .noneMatch(unread::contains);
  }

  /** The figure as a later slip: an unread square may hide an earlier one. */
  private static Judged notFirst(Judged figure) {
    return figure.verdict() == Verdict.FIRST_SLIP
        ? new Judged(figure.written(), Verdict.SLIP)
        : figure;
  }

  /** Whether a figure has grounds. A wrong one has them only with its finding. */
  private boolean isGrounded(Judged figure, List<Finding> findings) {
    return switch (figure.verdict()) {
      case RIGHT, FOLLOWS -> true;
      case FIRST_SLIP, SLIP ->
          findings.stream().anyMatch(each -> each.squares().contains(figure.written().at()));
      case NOT_NEEDED -> false;
    };
  }
}
