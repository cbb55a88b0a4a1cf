package bemble.progress;

import bemble.ladder.Rung;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The place of a pupil on the rungs of an operation, found by few sums: each answer halves the open
 * part, as far as rungs become harder in their order.
 *
 * @param upTo the hardest rung that holds, whatever was wrong below it; empty where none does
 * @param ask the rung to ask next; empty where the place is found
 */
public record FoundPlace(Optional<Rung> upTo, Optional<Rung> ask) {
  /** How many sums of a rung are asked at once: one may be luck, or a slip of the pen. */
  public static final int SUMS = 2;

  /** One right and one wrong say nothing. Of this many, one may be wrong. */
  private static final int MORE_SUMS = 4;

  private static final int FIRST_RUNGS = 4;

  private enum Shown {
    HOLDS,
    FAILS,
    OPEN
  }

  /** The rungs of a first sheet, spread evenly over all. */
  public static List<Rung> first(List<Rung> rungs) {
    int many = Math.min(FIRST_RUNGS, rungs.size());
    List<Rung> first = new ArrayList<>();
    for (int i = 1; i <= many; i++) {
      first.add(rungs.get(i * rungs.size() / (many + 1)));
    }
    return first;
  }

  /**
   * The place of a pupil with this work.
   *
   * @param rungs the rungs of an operation, the easiest first
   * @param work the sums by the id of their rung, the earliest first
   */
  public static FoundPlace of(List<Rung> rungs, Map<String, List<Evidence>> work) {
    int holds = rungs.size() - 1;
    while (holds >= 0 && shown(rungs.get(holds), work) != Shown.HOLDS) {
      holds--;
    }
    int fails = holds + 1;
    while (fails < rungs.size() && shown(rungs.get(fails), work) != Shown.FAILS) {
      fails++;
    }
    Optional<Rung> upTo = holds < 0 ? Optional.empty() : Optional.of(rungs.get(holds));
    boolean isFound = fails - holds == 1;
    return new FoundPlace(
        upTo, isFound ? Optional.empty() : Optional.of(rungs.get(holds + (fails - holds) / 2)));
  }

  private static Shown shown(Rung rung, Map<String, List<Evidence>> work) {
    List<Evidence> sums = work.getOrDefault(rung.id(), List.of());
    boolean isMany = sums.size() >= MORE_SUMS;
    int looked = isMany ? MORE_SUMS : SUMS;
    if (sums.size() < looked) {
      return Shown.OPEN;
    }
    long right =
        sums.subList(sums.size() - looked, sums.size()).stream().filter(Evidence::right).count();
    if (isMany ? right >= MORE_SUMS - 1 : right == SUMS) {
      return Shown.HOLDS;
    }
    return isMany || right == 0 ? Shown.FAILS : Shown.OPEN;
  }
}
