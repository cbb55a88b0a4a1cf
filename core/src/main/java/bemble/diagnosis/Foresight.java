package bemble.diagnosis;

import bemble.practice.Item;
import bemble.style.Style;
import java.util.List;
import java.util.Map;

/**
 * The foreseen answers of sums that are worked in a style. Each sum is worked out once, and the
 * latest are kept, so that the work of many pupils is looked at quickly. Not for several threads.
 */
public final class Foresight {
  private static final int MOST = 2000;

  private final Style style;
  private final Map<Item, Foreseen> known = new Latest<>(MOST);

  /** For sums in a style. */
  public Foresight(Style style) {
    this.style = style;
  }

  /** A diagnoser of answers to some sums. */
  public Diagnoser diagnoser(List<Item> items) {
    return new Diagnoser(of(items), Rates.STANDARD);
  }

  List<Foreseen> of(List<Item> items) {
    return items.stream()
        .map(item -> known.computeIfAbsent(item, any -> new Foreseen(item, style)))
        .toList();
  }
}
