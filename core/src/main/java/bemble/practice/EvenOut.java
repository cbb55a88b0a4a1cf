package bemble.practice;

import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Changes sums of a set until no number fact stands out. A fact stands out by the number of its
 * uses: the sum of the squares of these numbers is made small.
 */
public final class EvenOut {
  /** Sums of a line that each of its sums may be changed for. */
  private static final int OTHERS = 16;

  private static final int ROUNDS = 3;

  private final SetMaker maker;
  private final Style style;

  /** For sets of a class: its style tells which facts a sum uses. */
  public EvenOut(Style style) {
    this.style = style;
    maker = new SetMaker(style);
  }

  /**
   * The set with other sums where they even it out; each stays one of its line.
   *
   * @param lines the lines of the set, in its order; sums of none of them were typed and stay
   * @param items the set
   * @param held places of sums that stay, from 0
   * @param avoided keys of sums that must not come, besides those of the set
   */
  public List<Item> of(
      List<SetLine> lines, List<Item> items, Set<Integer> held, Set<String> avoided, long seed) {
    List<Item> even = new ArrayList<>(items);
    Map<Workload.Pair, Integer> uses = new TreeMap<>(Workload.of(items, style).uses());
    Set<String> used = new HashSet<>(avoided);
    items.forEach(item -> used.add(item.key()));
    for (int round = 0; round < ROUNDS; round++) {
      for (int l = 0; l < lines.size(); l++) {
        List<Item> others = maker.draw(lines.get(l), OTHERS, used, seed + l + 31L * round);
        for (int i = 0; i < even.size(); i++) {
          if (!held.contains(i) && line(lines, even.get(i), i) == l) {
            Item better = better(even.get(i), others, uses);
            others.remove(better);
            even.set(i, better);
          }
        }
      }
    }
    return even;
  }

  /** The line of a sum: the line of its rung, else the line at its place; −1 for a typed sum. */
  private static int line(List<SetLine> lines, Item item, int place) {
    int end = 0;
    int at = -1;
    for (int l = 0; l < lines.size(); l++) {
      if (!item.rung().isEmpty() && lines.get(l).rung().id().equals(item.rung())) {
        return l;
      }
      end += lines.get(l).count();
      at = at < 0 && place < end ? l : at;
    }
    return item.rung().isEmpty() ? at : -1;
  }

  /** The one of some sums with which the uses are most even; they count it then. */
  private Item better(Item own, List<Item> others, Map<Workload.Pair, Integer> uses) {
    count(uses, own, -1);
    Item best = own;
    long least = added(uses, own);
    for (Item other : others) {
      long then = added(uses, other);
      if (then < least) {
        best = other;
        least = then;
      }
    }
    count(uses, best, 1);
    return best;
  }

  /** How much the sum of the squares grows by the facts of a sum. */
  private long added(Map<Workload.Pair, Integer> uses, Item item) {
    long added = 0;
    for (Map.Entry<Workload.Pair, Integer> each : facts(item).entrySet()) {
      long before = uses.getOrDefault(each.getKey(), 0);
      long after = before + each.getValue();
      added += after * after - before * before;
    }
    return added;
  }

  private void count(Map<Workload.Pair, Integer> uses, Item item, int sign) {
    facts(item).forEach((fact, times) -> uses.merge(fact, sign * times, Integer::sum));
  }

  private Map<Workload.Pair, Integer> facts(Item item) {
    return Workload.of(List.of(item), style).uses();
  }
}
