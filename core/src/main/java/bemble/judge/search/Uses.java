package bemble.judge.search;

import bemble.judge.reading.Comparison;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.procedure.Slot;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The figures for which small figures are written.
 *
 * @param prediction the page on which they stand
 */
record Uses(Prediction prediction) {
  /**
   * Whether all figures that are worked out with the small figures of a column stand as they are
   * due. Then no small figure there was needed as it is, and its writer may mean anything by it.
   */
  boolean areRight(int column, Comparison comparison) {
    List<Seen> uses = of(column);
    return !uses.isEmpty()
        && uses.stream()
            .allMatch(use -> !comparison.differs(use) && comparison.absent(use).isEmpty());
  }

  /** The full figures that read small figures of a column, or others that read these. */
  private List<Seen> of(int column) {
    Set<Slot> small = new HashSet<>();
    prediction.seen().stream()
        .filter(seen -> seen.isAid() && seen.column() == column)
        .forEach(seen -> small.add(seen.entry().slot()));
    List<Seen> uses = new ArrayList<>();
    for (Seen seen : prediction.seen()) {
      boolean reads = seen.entry().reads().stream().anyMatch(read -> small.contains(read.slot()));
      if (reads && seen.isAid()) {
        small.add(seen.entry().slot());
      } else if (reads) {
        uses.add(seen);
      }
    }
    return uses;
  }
}
