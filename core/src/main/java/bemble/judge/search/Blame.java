package bemble.judge.search;

import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Finding;
import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Slot;
import bemble.slip.Slip;
import java.math.BigInteger;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where a known slip shows first: in the figure that differs, in the small figure that it comes
 * from, or in the number that was set out wrongly.
 *
 * @param inspection the written page
 * @param known the known part of its hand
 * @param wrong the figure that differs
 * @param slipped the page of a hand that makes the slip
 */
record Blame(Inspection inspection, KnownHand known, Seen wrong, Prediction slipped) {
  /** The finding of the slip. */
  Finding finding(List<Slip> names) {
    // A wrong carry is guilty, and the figure into which it was added follows from it.
    Seen guilty = guiltyAid().orElse(wrong);
    Finding finding =
        new Difference(inspection.page(), inspection.comparison(), known, guilty)
            .explainedBy(names, written(guilty));
    if (names.get(0).isOfSettingOut()) {
      return ofNumber(finding);
    }
    List<Square> notDue = smallNotDue();
    return notDue.isEmpty() ? finding : finding.moved(notDue, List.of());
  }

  /** The values that a hand puts in the slot of an entry, and in that of its tens. */
  private Map<Slot, BigInteger> written(Seen guilty) {
    return slipped.seen().stream()
        .filter(seen -> seen.entry().slot().equals(guilty.entry().slot()))
        .findFirst()
        .map(
            ones -> {
              Map<Slot, BigInteger> both = new HashMap<>();
              both.put(ones.entry().slot(), ones.entry().value());
              Neighbours.tensOf(slipped, ones)
                  .map(Seen::entry)
                  .ifPresent(tens -> both.put(tens.slot(), tens.value()));
              return both;
            })
        .orElse(new HashMap<>());
  }

  /** The finding on the number that was set out wrongly, where that stands. */
  private Finding ofNumber(Finding finding) {
    int row = wrong.entry().slot().square().row();
    List<Square> stands =
        slipped.seen().stream()
            .filter(seen -> seen.isSetOut() && seen.entry().slot().square().row() == row)
            .filter(seen -> !inspection.comparison().differs(seen))
            .map(seen -> seen.entry().slot().square())
            .filter(at -> inspection.page().at(at, Spot.FULL).isPresent())
            .sorted(Comparator.comparing(at -> -at.column()))
            .toList();
    return stands.isEmpty() ? finding : finding.moved(stands, finding.due());
  }

  /** Small figures of the column for which none is due, and which a hand with a slip writes. */
  private List<Square> smallNotDue() {
    int column = wrong.column();
    boolean isDue =
        wrong.isAid()
            || known.meant().seen().stream()
                .anyMatch(seen -> seen.isAid() && seen.column() == column);
    return isDue
        ? List.of()
        : inspection.page().smallInColumn(column).stream()
            .filter(small -> slipped.hasAid(column, small.text()))
            .map(Written::at)
            .toList();
  }

  /** A small figure of the column that is wrong, and is as a hand with a slip writes it. */
  private Optional<Seen> guiltyAid() {
    int column = wrong.column();
    Prediction meant = known.meant();
    boolean isGuilty =
        !wrong.isAid()
            && inspection.comparison().wrongAid(column, meant).isPresent()
            && inspection.comparison().wrongAid(column, slipped).isEmpty();
    return meant.seen().stream()
        .filter(seen -> isGuilty && seen.isAid() && seen.column() == column)
        .findFirst();
  }
}
