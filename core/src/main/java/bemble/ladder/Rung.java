package bemble.ladder;

import bemble.number.Numeral;
import bemble.number.Require;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import bemble.recipe.Fitting;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Trait;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A step of difficulty.
 *
 * @param id a stable name, {@code addition-ones-carry}; its words lie under {@code rung.} and the
 *     id
 * @param recipe the recipe of its sums, in whole numbers
 * @param adds its news: those of the recipe's wishes that no earlier rung's sums fulfil together
 * @param decimals how many figures of each number stand behind a point; a number with fewer than
 *     another ends, in the recipe, in zeros that are not written
 * @param methods the ids of the methods that it is worked by, the usual one first
 * @param needs the ids of the rungs that must be sure before
 */
public record Rung(
    String id,
    Recipe recipe,
    Map<Trait, Range> adds,
    List<Integer> decimals,
    List<String> methods,
    List<String> needs) {
  /** Keeps copies; refuses a rung without a method, or with decimals for some numbers only. */
  public Rung {
    adds = Map.copyOf(adds);
    decimals = List.copyOf(decimals);
    methods = List.copyOf(methods);
    needs = List.copyOf(needs);
    Require.that(!methods.isEmpty(), "methods", methods, "must be one or more");
    Require.that(
        decimals.isEmpty() || decimals.size() == recipe.numbers().size(),
        "decimals",
        decimals,
        "must be one for each number");
  }

  /**
   * A rung of a class's own; its news are the wishes of its recipe.
   *
   * @param id a name that no other rung has
   */
  public static Rung own(String id, Recipe recipe, String method) {
    Map<Trait, Range> adds = new EnumMap<>(Trait.class);
    recipe
        .wishes()
        .forEach(
            (trait, range) -> {
              if (range.from() > 0) {
                adds.put(trait, range);
              }
            });
    return new Rung(id, recipe, adds, List.of(), List.of(method), List.of());
  }

  /** The same with other rungs that must be sure before. */
  Rung needing(Collection<String> others) {
    return new Rung(id, recipe, adds, decimals, methods, List.copyOf(others));
  }

  /** The operation of the rung. */
  public Operation operation() {
    return recipe.operation();
  }

  /**
   * Draws different sums of the rung.
   *
   * @param count how many; fewer only where fewer exist
   * @param seed the same seed draws the same sums
   */
  public List<Problem> draw(int count, long seed) {
    return Fitting.of(recipe).draw(count, seed).stream().map(this::written).toList();
  }

  /** Whether a sum is one of the rung. */
  public boolean fits(Problem problem) {
    List<Numeral> numbers = problem.numbers();
    if (decimals.isEmpty()) {
      return numbers.stream().allMatch(Numeral::isWhole) && recipe.fits(problem);
    }
    List<Integer> scales = numbers.stream().map(Numeral::scale).toList();
    if (problem.operation() != operation() || !scales.equals(decimals)) {
      return false;
    }
    int most = decimals.stream().max(Integer::compare).orElseThrow();
    List<Numeral> whole =
        numbers.stream().map(number -> Numeral.of(number.padded(most).unscaled())).toList();
    return recipe.fits(
        switch (operation()) {
          case ADDITION -> new Addition(whole);
          case SUBTRACTION -> new Subtraction(whole.get(0), whole.get(1));
          case ROOT -> new Root(whole.get(0), recipe.places());
          case MULTIPLICATION, DIVISION ->
              throw new IllegalStateException("only whole numbers are multiplied and divided");
        });
  }

  /** A sum of the recipe with its decimals. */
  public Problem written(Problem whole) {
    if (decimals.isEmpty()) {
      return whole;
    }
    int most = decimals.stream().max(Integer::compare).orElseThrow();
    List<Numeral> numbers = new ArrayList<>();
    for (int i = 0; i < decimals.size(); i++) {
      int dropped = most - decimals.get(i);
      BigInteger figures = new BigInteger(whole.numbers().get(i).figures());
      numbers.add(Numeral.of(figures.divide(BigInteger.TEN.pow(dropped)), decimals.get(i)));
    }
    return switch (operation()) {
      case ADDITION -> new Addition(numbers);
      case SUBTRACTION -> new Subtraction(numbers.get(0), numbers.get(1));
      case ROOT -> Root.natural(numbers.get(0));
      case MULTIPLICATION, DIVISION ->
          throw new IllegalStateException("only whole numbers are multiplied and divided");
    };
  }
}
