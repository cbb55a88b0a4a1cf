package bemble.practice;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.recipe.Fitting;
import bemble.recipe.Recipe;
import bemble.recipe.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Other sums like one: of its rung, or with numbers as long as its own. */
public final class Alike {
  private Alike() {}

  /**
   * Draws different sums that the method of a sum works, never the sum itself; none for decimals
   * and numbers too long for a recipe that belong to no rung.
   *
   * @param item the sum; its rung is looked up on the ladder
   * @param count how many at most
   * @param seed the same seed draws the same sums
   */
  public static List<Item> draw(Item item, Ladder ladder, int count, long seed) {
    Method<?> method = Methods.find(item.problem().operation(), item.method()).orElseThrow();
    return problems(item, ladder, count, seed).stream()
        .filter(problem -> Methods.misfit(method, problem).isEmpty())
        .map(problem -> Item.of(problem, item.method(), item.rung()))
        .filter(other -> !other.key().equals(item.key()))
        .toList();
  }

  private static List<Problem> problems(Item item, Ladder ladder, int count, long seed) {
    Optional<Rung> rung = ladder.find(item.rung());
    if (rung.isPresent()) {
      return rung.get().draw(count, seed);
    }
    Problem problem = item.problem();
    if (problem.numbers().stream().anyMatch(number -> !number.isWhole())) {
      return List.of();
    }
    List<Size> sizes =
        problem.numbers().stream()
            .map(Numeral::length)
            .map(length -> Size.of(length, length))
            .toList();
    int places = problem instanceof Root root ? root.places() : 0;
    Optional<Recipe.Fault> fault = Recipe.fault(problem.operation(), sizes, Map.of(), places);
    return fault.isPresent()
        ? List.of()
        : Fitting.of(new Recipe(problem.operation(), sizes, Map.of(), places)).draw(count, seed);
  }
}
