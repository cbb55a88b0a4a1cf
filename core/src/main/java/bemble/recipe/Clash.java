package bemble.recipe;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Wishes of a recipe that no sum can meet together, as few as can be; met without any one of them.
 *
 * @param wishes their traits; none where already the sizes leave no sum
 */
public record Clash(List<Trait> wishes) {
  /** The largest number of wishes of which every group is tried. */
  private static final int LARGEST_GROUP = 3;

  /** Keeps a copy. */
  public Clash {
    wishes = List.copyOf(wishes);
  }

  /**
   * Why no sum fits a recipe; empty if one does. If no three wishes clash, all of them are named.
   */
  public static Optional<Clash> of(Recipe recipe) {
    if (Fitting.of(recipe).count().signum() > 0) {
      return Optional.empty();
    }
    List<Trait> wished = recipe.wishes().keySet().stream().sorted().toList();
    for (int size = 0; size <= Math.min(LARGEST_GROUP, wished.size()); size++) {
      for (int group = 0; group < Subsets.count(wished.size(), size); group++) {
        List<Trait> some = Subsets.nth(wished, size, group);
        if (Fitting.of(recipe.withOnly(ranges(recipe, some))).count().signum() == 0) {
          return Optional.of(new Clash(some));
        }
      }
    }
    return Optional.of(new Clash(wished));
  }

  private static Map<Trait, Range> ranges(Recipe recipe, List<Trait> traits) {
    Map<Trait, Range> ranges = new EnumMap<>(Trait.class);
    traits.forEach(trait -> ranges.put(trait, recipe.wish(trait)));
    return ranges;
  }
}
