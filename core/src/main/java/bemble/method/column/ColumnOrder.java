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
      case LARGEST_AND_TENS -> largestAndTens(figures);
    };
  }

  private static List<Entry> largestFirst(List<Entry> figures) {
    List<Entry> ordered = new ArrayList<>(figures);
    ordered.sort(Comparator.comparing(Entry::value).reversed());
    return ordered;
  }

  /**
   * The largest first; from then on one figure, or two of which the smaller comes first, that make
   * a whole ten with all before, and where there are none the largest that is left.
   */
  private static List<Entry> largestAndTens(List<Entry> figures) {
    List<Entry> left = largestFirst(figures);
    List<Entry> ordered = new ArrayList<>();
    BigInteger total = BigInteger.ZERO;
    while (!left.isEmpty()) {
      List<Entry> next = ordered.isEmpty() ? List.of(left.get(0)) : toWholeTen(total, left);
      for (Entry figure : next) {
        total = total.add(figure.value());
        left.remove(figure);
        ordered.add(figure);
      }
    }
    return ordered;
  }

  private static List<Entry> toWholeTen(BigInteger total, List<Entry> left) {
    for (Entry one : left) {
      if (one.value().signum() > 0 && isWholeTen(total.add(one.value()))) {
        return List.of(one);
      }
    }
    for (int i = 0; i < left.size(); i++) {
      for (int j = left.size() - 1; j > i; j--) {
        BigInteger both = left.get(i).value().add(left.get(j).value());
        if (left.get(j).value().signum() > 0 && isWholeTen(total.add(both))) {
          return List.of(left.get(j), left.get(i));
        }
      }
    }
    return List.of(left.get(0));
  }

  private static boolean isWholeTen(BigInteger number) {
    return number.mod(BigInteger.TEN).signum() == 0;
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
