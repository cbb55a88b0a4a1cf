package bemble.judge.search;

import bemble.judge.reading.Aside;
import bemble.judge.reading.Comparison;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Finding;
import bemble.judge.report.Written;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.procedure.Rule;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import bemble.slip.Slip;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One entry that does not stand on a page as the hand that is known so far would have written it.
 *
 * @param page the page
 * @param comparison of the page with the one that the known hand would have written
 * @param known the known part of its hand
 * @param wrong the entry
 */
record Difference(Handwriting page, Comparison comparison, KnownHand known, Seen wrong) {
  /**
   * The finding where slips explain it.
   *
   * @param names the slips, the likeliest first
   * @param written the values that its writer put in its slot
   */
  Finding explainedBy(List<Slip> names, Map<Slot, BigInteger> written) {
    // A writer who read another figure may know the fact well.
    Optional<Finding.MissedFact> fact =
        names.get(0).isMissedFact() ? MissedFacts.of(wrong, written) : Optional.empty();
    return finding(squares(), due(), Finding.Kind.KNOWN, names, fact);
  }

  /**
   * The finding where no slip explains it well enough.
   *
   * @param names the slips that explain it in part
   * @param written the values that its writer put in some slots
   */
  Finding unexplained(List<Slip> names, Map<Slot, BigInteger> written) {
    Finding.Kind kind = kind();
    List<Written> due = new ArrayList<>(due());
    List<Square> squares = new ArrayList<>(squares());
    Optional<Finding.MissedFact> fact =
        kind == Finding.Kind.NUMBER_FACT ? MissedFacts.of(wrong, written) : Optional.empty();
    // A fact is missed once, with both figures of its product.
    fact.flatMap(missed -> Neighbours.onesOf(known.meant(), wrong))
        .filter(comparison::differs)
        .ifPresent(
            ones -> {
              due.addAll(ones.due());
              squares.addAll(ones.due().stream().map(Written::at).toList());
            });
    return finding(squares, due, kind, names, fact);
  }

  /** The finding where it stands in the place of its neighbour. */
  Finding changedOver(Seen beside) {
    List<Written> due =
        Stream.of(wrong, beside)
            .flatMap(each -> each.due().stream())
            .sorted(Comparator.comparing(one -> -one.at().column()))
            .toList();
    List<Square> both = due.stream().map(Written::at).toList();
    return finding(both, due, Finding.Kind.CHANGED_OVER, List.of(), Optional.empty());
  }

  /** The finding where it belongs to a number that stands aside. */
  Finding of(Aside aside) {
    List<Written> due =
        aside.alike(page).stream()
            .map(one -> new Written(one.at(), one.spot(), one.text()))
            .sorted(Comparator.comparing(one -> -one.at().column()))
            .toList();
    List<Square> squares = due.stream().map(Written::at).toList();
    return finding(squares, due, aside.kind(), List.of(), Optional.empty());
  }

  private Finding finding(
      List<Square> squares,
      List<Written> due,
      Finding.Kind kind,
      List<Slip> names,
      Optional<Finding.MissedFact> fact) {
    return new Finding(squares, step(), due, kind, names, fact);
  }

  /** The due marks; none where a figure is too many. */
  private List<Written> due() {
    return isTooMany() ? List.of() : wrong.due();
  }

  /** The step in which it should have been done; that of the next column, for a figure too many. */
  private Step step() {
    Section here = wrong.step().section();
    if (!isTooMany() || here.kind() != Section.Kind.COLUMN) {
      return wrong.step();
    }
    Section next = Section.column(here.number() + 1);
    return known.meant().working().steps().stream()
        .filter(step -> step.section().equals(next))
        .findFirst()
        .orElse(wrong.step());
  }

  /** Whether a square has the text of the true page, though it does not follow here. */
  boolean isAsTrue() {
    return !known.findings().isEmpty()
        && comparison.absent(wrong).isEmpty()
        && wrong.expected().stream().allMatch(this::isAsTrue);
  }

  private boolean isAsTrue(Expected one) {
    String truth = known.truth().at(one.at(), one.spot());
    return page.at(one.at(), one.spot()).equals(Optional.ofNullable(truth));
  }

  /** Whether all is right with the entry but for figures that join on to it. */
  private boolean isTooMany() {
    return !comparison.differs(wrong)
        && comparison.absent(wrong).isEmpty()
        && !comparison.extras(wrong, known.meant()).isEmpty();
  }

  private Finding.Kind kind() {
    if (wrong.isSetOut()) {
      return Finding.Kind.COPIED_WRONGLY;
    }
    if (isTooMany()) {
      return Finding.Kind.TOO_MANY;
    }
    if (!wrong.isAid() && !comparison.differs(wrong) && !comparison.absent(wrong).isEmpty()) {
      return Finding.Kind.MISSING;
    }
    // Most small figures are part of a fact; the rest of a division is one of its own.
    boolean isOwn = !wrong.isAid() || wrong.entry().rule().kind() == Rule.Kind.LEFT_OVER;
    boolean isStop = wrong.entry().slot().role() == Role.STOP;
    boolean fact = isOwn && !isStop && !wrong.step().notes().isWithoutFacts();
    return fact ? Finding.Kind.NUMBER_FACT : Finding.Kind.UNKNOWN;
  }

  private List<Square> squares() {
    if (wrong.isAid()) {
      int column = wrong.entry().slot().square().column();
      return comparison.wrongAid(column, known.meant()).map(Written::at).stream().toList();
    }
    if (isTooMany()) {
      return comparison.extras(wrong, known.meant());
    }
    if (wrong.isPoint() && comparison.isElsewhere(wrong)) {
      return page.pointsInRow(wrong.entry().slot().square().row());
    }
    List<Square> inFront =
        comparison.differs(wrong) || !wrong.isOpen()
            ? List.of()
            : comparison.inFront(wrong, known.meant());
    if (!inFront.isEmpty()) {
      return inFront;
    }
    List<Expected> different =
        wrong.expected().stream()
            .filter(one -> !page.at(one.at(), one.spot()).equals(Optional.of(one.text())))
            .toList();
    List<Expected> slips =
        different.stream().filter(one -> known.findings().isEmpty() || !isAsTrue(one)).toList();
    List<Expected> shown = slips.isEmpty() ? different : slips;
    return (shown.isEmpty() ? wrong.expected() : shown).stream().map(Expected::at).toList();
  }
}
