package bemble.recipe;

import java.util.List;

/**
 * Some traits counted together in one whole number: the first in its ones, the next in units that
 * the first cannot reach, and so on. Traits that nothing is wished of are not counted.
 */
final class Tally {
  private final List<Range> wishes;
  private final int[] units;
  private final boolean[] held;

  /**
   * A tally of some traits.
   *
   * @param wishes the range of each
   * @param most the largest count of each
   */
  Tally(List<Range> wishes, List<Integer> most) {
    this.wishes = wishes;
    units = new int[wishes.size()];
    int unit = 1;
    for (int trait = 0; trait < units.length; trait++) {
      units[trait] = wishes.get(trait).isAny() ? 0 : unit;
      unit *= wishes.get(trait).isAny() ? 1 : most.get(trait) + 1;
    }
    held = new boolean[unit];
    for (int tally = 0; tally < unit; tally++) {
      held[tally] = holds(tally);
    }
  }

  /** One more of a trait, as a tally. */
  int unit(int trait) {
    return units[trait];
  }

  /** For each tally, whether it is as wished. */
  boolean[] held() {
    return held;
  }

  private boolean holds(int tally) {
    int left = tally;
    for (int trait = units.length - 1; trait >= 0; trait--) {
      if (units[trait] > 0) {
        if (!wishes.get(trait).holds(left / units[trait])) {
          return false;
        }
        left %= units[trait];
      }
    }
    return true;
  }
}
