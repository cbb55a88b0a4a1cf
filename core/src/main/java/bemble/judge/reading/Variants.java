package bemble.judge.reading;

import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The orders in which the numbers of a sum may be set out by a writer who does so alone. */
public final class Variants {
  /** The number of addends up to which every order is tried; of more, a few orders are. */
  private static final int MOST_ADDENDS = 4;

  private Variants() {}

  /**
   * The sum as it is given, and then the same in every other order with the same result, and under
   * one another or on one line where a class may have it so. A page without the numbers looks like
   * each of them, so it is the last.
   */
  public static List<Sum> of(Sum sum) {
    if (sum.style().has(Choice.PartialSums.ONLY_THE_ANSWER)) {
      List<Sum> setOut = of(sum.in(sum.style().with(Choice.PartialSums.ON_ONE_LINE)));
      return Stream.concat(setOut.stream(), Stream.of(sum)).toList();
    }
    Style asGiven = sum.style().with(Choice.OnTop.AS_GIVEN);
    List<Sum> variants = new ArrayList<>(List.of(sum));
    for (Problem problem : problems(sum.problem())) {
      Sum variant = new Sum(problem, sum.method(), asGiven);
      if (!variants.contains(variant)) {
        variants.add(variant);
      }
    }
    if (sum.method().schools().contains(Setting.PARTIAL_SUMS)) {
      variants.add(sum.in(sum.style().with(Choice.PartialSums.ON_ONE_LINE)));
      variants.add(sum.in(sum.style().with(Choice.PartialSums.SUM_ON_ONE_LINE)));
    }
    return variants;
  }

  private static List<Problem> problems(Problem problem) {
    if (problem instanceof Multiplication product) {
      return List.of(problem, new Multiplication(product.multiplier(), product.multiplicand()));
    }
    if (problem instanceof Addition addition) {
      return orders(addition.addends()).stream().<Problem>map(Addition::new).toList();
    }
    return List.of();
  }

  private static List<List<Numeral>> orders(List<Numeral> addends) {
    if (addends.size() > MOST_ADDENDS) {
      List<Numeral> reversed = new ArrayList<>(addends);
      Collections.reverse(reversed);
      List<Numeral> largestFirst = new ArrayList<>(addends);
      largestFirst.sort(Comparator.comparing(Numeral::value).reversed());
      return List.of(addends, reversed, largestFirst);
    }
    if (addends.isEmpty()) {
      return List.of(List.of());
    }
    List<List<Numeral>> orders = new ArrayList<>();
    for (int first = 0; first < addends.size(); first++) {
      List<Numeral> others = new ArrayList<>(addends);
      Numeral top = others.remove(first);
      for (List<Numeral> rest : orders(others)) {
        List<Numeral> order = new ArrayList<>(List.of(top));
        order.addAll(rest);
        orders.add(order);
      }
    }
    return orders;
  }
}
