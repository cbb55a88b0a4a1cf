package bemble.practice;

import bemble.demand.DemandReader;
import bemble.demand.Demands;
import bemble.fact.Fact;
import bemble.procedure.Working;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The workload of a set.
 *
 * @param facts number facts used
 * @param figures figures to write
 * @param seconds estimated time of a practised hand
 * @param uses how often each fact of two figures is used, by its figures, the smaller first
 */
public record Workload(int facts, int figures, int seconds, Map<Pair, Integer> uses) {
  private static final int LARGEST_FIGURE = 9;
  private static final int LARGEST_TOTAL = 18;

  /**
   * A number fact of two figures.
   *
   * @param kind {@link Fact.Kind#ADD}, {@link Fact.Kind#MULTIPLY} or {@link Fact.Kind#SUBTRACT},
   *     which takes the smaller from the larger
   */
  public record Pair(Fact.Kind kind, int smaller, int larger) implements Comparable<Pair> {
    /** The pair of a fact; empty for a fact that is not of two figures. */
    public static Optional<Pair> of(Fact fact) {
      if (fact.operands().size() != 2) {
        return Optional.empty();
      }
      int one = small(fact.operands().get(0));
      int other = small(fact.operands().get(1));
      Pair pair = new Pair(fact.kind(), Math.min(one, other), Math.max(one, other));
      boolean figures =
          switch (fact.kind()) {
            case ADD, MULTIPLY -> pair.larger <= LARGEST_FIGURE;
            case SUBTRACT -> pair.smaller <= LARGEST_FIGURE && pair.larger <= LARGEST_TOTAL;
            default -> false;
          };
      return figures ? Optional.of(pair) : Optional.empty();
    }

    /** A number as far as it matters: all beyond the largest total of two figures count as one. */
    private static int small(BigInteger number) {
      return number.min(BigInteger.valueOf(LARGEST_TOTAL + 1)).intValue();
    }

    @Override
    public int compareTo(Pair other) {
      int byKind = kind.compareTo(other.kind);
      int bySmaller = Integer.compare(smaller, other.smaller);
      return byKind != 0
          ? byKind
          : bySmaller != 0 ? bySmaller : Integer.compare(larger, other.larger);
    }
  }

  /** The workload of some sums in a style. */
  public static Workload of(List<Item> items, Style style) {
    int facts = 0;
    int figures = 0;
    int seconds = 0;
    Map<Pair, Integer> uses = new TreeMap<>();
    for (Item item : items) {
      Working working = item.sum(style).work();
      Demands traits = DemandReader.of(working);
      facts += traits.facts().values().stream().mapToInt(Integer::intValue).sum();
      figures += traits.marks();
      seconds += traits.seconds();
      working.steps().stream()
          .flatMap(step -> step.facts().stream())
          .flatMap(fact -> Pair.of(fact).stream())
          .forEach(pair -> uses.merge(pair, 1, Integer::sum));
    }
    return new Workload(facts, figures, seconds, uses);
  }
}
