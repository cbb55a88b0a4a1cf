package bemble.judge.search;

import bemble.judge.reading.Comparison;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Finding;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.paper.Spot;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A written page, searched entry by entry for figures that a hand would not have written. */
final class Inspection {
  private final Handwriting page;
  private final Comparison comparison;
  private final Stage stage;
  private final SettingOut settingOut;

  Inspection(Handwriting page, Stage stage, SettingOut settingOut) {
    this.page = page;
    this.comparison = new Comparison(page, stage);
    this.stage = stage;
    this.settingOut = settingOut;
  }

  /** The same with the figures elsewhere. */
  Inspection of(Handwriting other) {
    return new Inspection(other, stage, settingOut);
  }

  Stage stage() {
    return stage;
  }

  Handwriting page() {
    return page;
  }

  Comparison comparison() {
    return comparison;
  }

  /**
   * The first entry that does not stand on the page as the hand that is known means it; null where
   * all do. Small figures come last: a wrong one that was used is found by the figure that it
   * spoils.
   */
  @Nullable Seen firstWrong(KnownHand known) {
    Prediction meant = known.meant();
    Set<Slot> settled = known.settled();
    Map<Integer, Seen> aids = new LinkedHashMap<>();
    Set<Slot> open = new HashSet<>();
    for (Seen seen : meant.seen()) {
      boolean judged = settingOut == SettingOut.OWN || !seen.isSetOut();
      if (isOpenYet(seen, meant, open)) {
        open.add(seen.entry().slot());
        continue;
      }
      if (!judged || settled.contains(seen.entry().slot())) {
        continue;
      }
      if (seen.isAid()) {
        // The small figures of a column are looked at together, once.
        aids.putIfAbsent(seen.column(), seen);
      } else if (isWrong(seen, meant, known)) {
        return seen;
      }
    }
    return aids.values().stream()
        .filter(aid -> isWrong(aid, meant, known))
        .findFirst()
        .orElse(null);
  }

  /** Whether nothing is worked out with a choice yet, and it may still become another one. */
  private boolean isBeingMade(Seen choice, Prediction meant) {
    Slot slot = choice.entry().slot();
    boolean begun =
        meant.seen().stream()
            .filter(
                seen -> seen.entry().reads().stream().anyMatch(read -> read.slot().equals(slot)))
            .anyMatch(seen -> comparison.absent(seen).size() < seen.expected().size());
    return value(choice)
        .map(value -> value.signum() == 0 || !begun && mayBe(choice, value))
        .orElse(true);
  }

  private static boolean mayBe(Seen choice, BigInteger value) {
    return choice.entry().rule().leavesOpen(value, choice.entry().reads());
  }

  /** Whether it comes from a choice that its writer has not made yet, or is that choice. */
  private boolean isOpenYet(Seen seen, Prediction meant, Set<Slot> open) {
    return stage == Stage.IN_WORK
        && (seen.entry().rule().isChoice() && isBeingMade(seen, meant)
            || seen.entry().reads().stream().anyMatch(read -> open.contains(read.slot())));
  }

  /** Whether another hand, too, would have written another value in the slot of an entry. */
  boolean isStillWrong(Seen wrong, Prediction other, KnownHand known) {
    return other.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .anyMatch(seen -> isWrong(seen, other, known));
  }

  private boolean isWrong(Seen seen, Prediction prediction, KnownHand known) {
    if (seen.isAid()) {
      return comparison.wrongAid(seen.column(), prediction).isPresent()
          && !new Uses(prediction).areRight(seen.column(), comparison);
    }
    if (comparison.differs(seen) || seen.isPoint() && comparison.isElsewhere(seen)) {
      return true;
    }
    if (isMissed(seen, known)) {
      return true;
    }
    return seen.isOpen() && comparison.runsOn(seen, prediction)
        || !comparison.extras(seen, prediction).isEmpty();
  }

  /** Missing figures make one finding; their squares are all listed. */
  private boolean isMissed(Seen seen, KnownHand known) {
    return stage == Stage.HANDED_IN
        && !seen.isOptional()
        && !known.meant().isZeroInFront(seen)
        && !comparison.absent(seen).isEmpty()
        && known.findings().stream().noneMatch(each -> each.kind() == Finding.Kind.MISSING);
  }

  /** The number that is written from the slot of an entry on to the left, however long it is. */
  Optional<BigInteger> number(Seen seen) {
    String digits = page.digitsLeftFrom(seen.entry().slot().square());
    return digits.isEmpty() ? Optional.empty() : Optional.of(new BigInteger(digits));
  }

  /** The number in the slot of an entry; empty if the slot has another text. */
  Optional<BigInteger> value(Seen wrong) {
    Slot slot = wrong.entry().slot();
    if (slot.spot() != Spot.FULL) {
      return page.at(slot.square(), slot.spot()).flatMap(text -> Cells.value(text, slot));
    }
    String digits = page.digitsLeftFrom(slot.square());
    boolean many = wrong.isOpen() || wrong.expected().size() > 1;
    String figures = many || digits.isEmpty() ? digits : digits.substring(digits.length() - 1);
    return figures.isEmpty() ? Optional.empty() : Optional.of(new BigInteger(figures));
  }
}
