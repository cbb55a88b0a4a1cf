package bemble.judge.search;

import bemble.judge.reading.Comparison;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.paper.Spot;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import java.util.Optional;

/** Entries of a page that belong together: the tens of a total, and the figure beside a figure. */
final class Neighbours {
  private Neighbours() {}

  /** The tens of the total or product whose ones figure an entry is. */
  static Optional<Seen> tensOf(Prediction prediction, Seen ones) {
    Entry entry = ones.entry();
    return prediction.seen().stream()
        .filter(seen -> areTens(seen.entry().rule(), entry.rule()))
        .filter(seen -> seen.entry().reads().equals(entry.reads()))
        .findFirst();
  }

  /** The ones figure that belongs to the tens of a product, where both stand in squares. */
  static Optional<Seen> onesOf(Prediction prediction, Seen tens) {
    Entry entry = tens.entry();
    return prediction.seen().stream()
        .filter(seen -> !tens.isAid() && areTens(entry.rule(), seen.entry().rule()))
        .filter(seen -> seen.entry().reads().equals(entry.reads()))
        .findFirst();
  }

  /** Whether one rule gives the tens of the number of which another gives the ones. */
  static boolean areTens(Rule tens, Rule ones) {
    return switch (tens.kind()) {
      case TENS_OF_PAIRS -> ones.kind() == Rule.Kind.FIGURE_OF_PAIRS;
      case TENS_OF_TOTAL -> ones.equals(Rule.ONES_OF_TOTAL);
      default -> false;
    };
  }

  /** Whether a figure that depends on others is not the one that would follow from them. */
  static boolean isUsedWrongly(Comparison comparison, Prediction prediction, Seen used) {
    return prediction.seen().stream()
        .filter(seen -> !seen.isAid())
        .filter(
            seen ->
                seen.entry().reads().stream()
                    .anyMatch(read -> read.slot().equals(used.entry().slot())))
        .anyMatch(comparison::differs);
  }

  /** The figure beside a wrong one, where each stands in the place of the other. */
  static Optional<Seen> changedOver(Handwriting page, Prediction meant, Seen wrong) {
    return isFigure(wrong)
        ? meant.seen().stream()
            .filter(Neighbours::isFigure)
            .filter(seen -> seen.entry().slot().role() == wrong.entry().slot().role())
            .filter(seen -> areChangedOver(page, wrong.expected().get(0), seen.expected().get(0)))
            .findFirst()
        : Optional.empty();
  }

  private static boolean isFigure(Seen seen) {
    return !seen.isAid()
        && seen.expected().size() == 1
        && seen.expected().get(0).spot() == Spot.FULL;
  }

  private static boolean areChangedOver(Handwriting page, Expected one, Expected other) {
    return one.at().row() == other.at().row()
        && Math.abs(one.at().column() - other.at().column()) == 1
        && !one.text().equals(other.text())
        && page.at(one.at(), Spot.FULL).equals(Optional.of(other.text()))
        && page.at(other.at(), Spot.FULL).equals(Optional.of(one.text()));
  }
}
