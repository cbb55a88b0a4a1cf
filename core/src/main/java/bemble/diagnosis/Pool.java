package bemble.diagnosis;

import bemble.ladder.Ladder;
import bemble.number.Numeral;
import bemble.practice.Alike;
import bemble.practice.Item;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;

/** Sums that could be asked next. One object serves a class. */
public final class Pool {
  private static final int OF_A_KIND = 24;

  /** Hypotheses that are less likely decide nothing. */
  private static final double MATTERS = 0.01;

  /** The least information that is expected of a sum worth asking, in bits. */
  private static final double WORTH_ASKING = 0.03;

  private final List<Item> items;
  private final List<Foreseen> sums;

  private Pool(List<Item> items, Style style) {
    this.items = List.copyOf(items);
    sums = items.stream().map(item -> new Foreseen(item, style)).toList();
  }

  /** Sums of the rungs of some sums, or of the sizes of their numbers; none of these themselves. */
  public static Pool like(List<Item> asked, Ladder ladder, Style style, long seed) {
    Set<String> used = new HashSet<>();
    asked.forEach(item -> used.add(item.key()));
    Set<List<Object>> kinds = new HashSet<>();
    List<Item> pool = new ArrayList<>();
    for (Item item : asked) {
      if (!kinds.add(kind(item))) {
        continue;
      }
      for (Item fresh : Alike.draw(item, ladder, OF_A_KIND, seed)) {
        if (used.add(fresh.key())) {
          pool.add(fresh);
        }
      }
    }
    return new Pool(pool, style);
  }

  /** All items. */
  public List<Item> items() {
    return items;
  }

  private static List<Object> kind(Item item) {
    List<Integer> lengths = item.problem().numbers().stream().map(Numeral::length).toList();
    return List.of(item.problem().operation(), item.method(), item.rung(), lengths);
  }

  /** The sums whose answers should best decide between hypotheses of these likelihoods. */
  List<Item> best(List<Hypothesis> hypotheses, double[] likely, int most) {
    Map<List<Slip>, Integer> groups = new LinkedHashMap<>();
    List<Integer> matter =
        IntStream.range(0, likely.length).filter(h -> likely[h] >= MATTERS).boxed().toList();
    matter.forEach(h -> groups.putIfAbsent(hypotheses.get(h).slips(), groups.size()));
    double[] told = new double[items.size()];
    for (int i = 0; i < told.length; i++) {
      told[i] = groups.size() < 2 ? 0 : told(sums.get(i), hypotheses, likely, matter, groups);
    }
    return IntStream.range(0, told.length)
        .filter(i -> told[i] > WORTH_ASKING)
        .boxed()
        .sorted(Comparator.comparingDouble(i -> -told[i]))
        .limit(most)
        .map(items::get)
        .toList();
  }

  /**
   * The information that the answer of a sum is expected to give about the slips, in bits: the
   * doubt before it less the expected doubt behind it.
   */
  private static double told(
      Foreseen sum,
      List<Hypothesis> hypotheses,
      double[] likely,
      List<Integer> matter,
      Map<List<Slip>, Integer> groups) {
    double[] before = new double[groups.size()];
    Map<Integer, double[]> after = new LinkedHashMap<>();
    for (int h : matter) {
      Hypothesis hypothesis = hypotheses.get(h);
      int group = Objects.requireNonNull(groups.get(hypothesis.slips()));
      before[group] += likely[h];
      AnswerChances expected = AnswerChances.of(hypothesis, sum);
      for (int i = 0; i < expected.answers().length; i++) {
        after.computeIfAbsent(expected.answers()[i], any -> new double[groups.size()])[group] +=
            likely[h] * expected.chances()[i];
      }
    }
    double left = after.values().stream().mapToDouble(Pool::doubt).sum();
    return doubt(before) - left;
  }

  /** The doubt between some cases, in bits, times how likely they are together. */
  static double doubt(double[] cases) {
    double sum = 0;
    for (double each : cases) {
      sum += each;
    }
    double doubt = 0;
    for (double each : cases) {
      doubt -= each == 0 ? 0 : each * Math.log(each / sum) / Math.log(2);
    }
    return doubt;
  }
}
