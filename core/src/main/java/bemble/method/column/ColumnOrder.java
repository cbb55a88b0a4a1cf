package bemble.method.column;

import bemble.procedure.Entry;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The order in which a class adds the figures of one column. */
public final class ColumnOrder {
  private ColumnOrder() {}

  /** The figures, given from top to bottom, in the class's order; maybe in the list given. */
  public static List<Entry> of(Style style, List<Entry> figures) {
    return switch (style.choice(Choice.AddingOrder.class)) {
      case AS_WRITTEN -> figures;
      case LARGEST_FIRST -> largestFirst(figures);
      case TENS_FIRST -> tensFirst(figures);
    };
  }

  private static List<Entry> largestFirst(List<Entry> figures) {
    List<Entry> ordered = new ArrayList<>(figures);
    ordered.sort(Comparator.comparing(Entry::value).reversed());
    return ordered;
  }

  /**
   * Each figure, from the top, is followed by the first that makes ten with it; others come last.
   */
  private static List<Entry> tensFirst(List<Entry> figures) {
    List<Entry> left = new ArrayList<>(figures);
    List<Entry> ordered = new ArrayList<>();
    for (Entry figure : figures) {
      BigInteger wanted = BigInteger.TEN.subtract(figure.value());
      left.stream()
          .filter(other -> other != figure && left.contains(figure))
          .filter(other -> other.value().equals(wanted))
          .findFirst()
          .ifPresent(
              other -> {
                ordered.add(figure);
                ordered.add(other);
                left.remove(figure);
                left.remove(other);
              });
    }
    ordered.addAll(left);
    return ordered;
  }
}
