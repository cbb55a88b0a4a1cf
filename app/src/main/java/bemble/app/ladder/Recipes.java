package bemble.app.ladder;

import bemble.app.json.JsonName;
import bemble.app.ladder.RecipeView.RangeView;
import bemble.app.ladder.RecipeView.SizeView;
import bemble.app.refusal.RefusedException;
import bemble.problem.Operation;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Size;
import bemble.recipe.Trait;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Reads recipes from JSON, or refuses them in a sentence; and writes them again. */
public final class Recipes {
  private Recipes() {}

  /** The recipe that was sent. */
  public static Recipe read(@Nullable RecipeView view) {
    if (view == null || view.operation() == null) {
      throw RefusedException.of("no-operation");
    }
    Operation operation = view.operation();
    List<Size> numbers = new ArrayList<>();
    for (SizeView size : view.numbers() == null ? List.<SizeView>of() : view.numbers()) {
      numbers.add(size(size));
    }
    Map<Trait, Range> wishes = new EnumMap<>(Trait.class);
    Map<String, RangeView> wished = view.wishes() == null ? Map.of() : view.wishes();
    wished.forEach((name, range) -> wishes.put(trait(name, operation), range(range, 0, name)));
    int places = view.places() == null ? 0 : view.places();
    Recipe.fault(operation, numbers, wishes, places)
        .ifPresent(
            fault -> {
              throw refused(fault);
            });
    return new Recipe(operation, numbers, wishes, places);
  }

  private static RefusedException refused(Recipe.Fault fault) {
    return switch (fault) {
      case NUMBERS -> RefusedException.of("recipe-numbers");
      case FIGURES -> RefusedException.of("recipe-figures");
      case SIZES -> RefusedException.of("recipe-sizes");
      case TRAIT -> RefusedException.of("recipe-trait");
      case PLACES -> RefusedException.of("recipe-places");
      case PLACES_SEARCHED -> RefusedException.of("recipe-places-searched");
    };
  }

  private static Size size(SizeView view) {
    if (view == null || view.figures() == null) {
      throw RefusedException.of("no-size");
    }
    String of = view.of() == null ? Size.ALL : view.of();
    if (!of.matches("[0-9]{1,10}")) {
      throw RefusedException.of("no-figures", "figures", of);
    }
    Range figures = range(view.figures(), 1, "figures");
    if (figures.from() < 1) {
      throw RefusedException.of("no-size");
    }
    return new Size(figures, of);
  }

  private static Range range(RangeView view, int least, String name) {
    int from = view == null || view.from() == null ? least : view.from();
    int to = view == null || view.to() == null ? Range.UNBOUNDED : view.to();
    if (from < 0 || to < from) {
      throw RefusedException.of("no-range", "trait", name);
    }
    return new Range(from, to);
  }

  private static Trait trait(String name, Operation operation) {
    return Trait.of(operation).stream()
        .filter(trait -> JsonName.of(trait).equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                RefusedException.of(
                    "no-trait",
                    "trait",
                    name,
                    "known",
                    Trait.of(operation).stream()
                        .map(JsonName::of)
                        .collect(Collectors.joining(", "))));
  }

  /** A recipe as it is sent. */
  static RecipeView view(Recipe recipe) {
    Map<String, RangeView> wishes = new TreeMap<>();
    recipe.wishes().forEach((trait, range) -> wishes.put(JsonName.of(trait), view(range)));
    return new RecipeView(
        recipe.operation(),
        recipe.numbers().stream()
            .map(
                size ->
                    new SizeView(
                        view(size.figures()), size.of().equals(Size.ALL) ? null : size.of()))
            .toList(),
        wishes,
        recipe.operation() == Operation.ROOT ? recipe.places() : null);
  }

  private static RangeView view(Range range) {
    return new RangeView(range.from(), range.to() == Range.UNBOUNDED ? null : range.to());
  }
}
