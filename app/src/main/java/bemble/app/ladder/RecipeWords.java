package bemble.app.ladder;

import bemble.app.refusal.RefusedException;
import bemble.recipe.Clash;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Trait;
import bemble.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Puts recipes into the words of a class. */
public final class RecipeWords {
  private final Wording wording;

  /** Words in the conventions of a class. */
  public RecipeWords(Wording wording) {
    this.wording = wording;
  }

  /** A wish of a recipe in words. */
  String wish(Trait trait, Recipe recipe) {
    return wish(trait, Objects.requireNonNull(recipe.wishes().get(trait)));
  }

  /** A wish in words: {@code exactly 2 carries}, {@code no new column}. */
  String wish(Trait trait, Range range) {
    String key = "trait." + Wording.key(trait);
    if (range.to() == 0) {
      return wording.label(key + ".none", Map.of());
    }
    int count = range.to() == Range.UNBOUNDED ? range.from() : range.to();
    String many = range(range);
    return wording.label(
        key + ".some", Map.of("range", many, "count", count, "carries", count, "exchanges", count));
  }

  /** All wishes of a recipe. */
  List<String> wishes(Recipe recipe) {
    return recipe.wishes().keySet().stream().sorted().map(trait -> wish(trait, recipe)).toList();
  }

  private String range(Range range) {
    Map<String, Object> from = Map.of("from", range.from());
    if (range.from() == range.to()) {
      return wording.label("range.exactly", from);
    }
    if (range.to() == Range.UNBOUNDED) {
      return wording.label("range.at-least", from);
    }
    return wording.label(range.from() == 0 ? "range.at-most" : "range.from-to", from);
  }

  /** Refuses a recipe that nothing fits, and says why. */
  public void refuseClash(Recipe recipe) {
    Clash.of(recipe)
        .ifPresent(
            clash -> {
              throw RefusedException.saying("clash", clash(clash, recipe));
            });
  }

  /** Why nothing fits. */
  String clash(Clash clash, Recipe recipe) {
    List<String> wishes = clash.wishes().stream().map(trait -> wish(trait, recipe)).toList();
    String key =
        switch (wishes.size()) {
          case 0 -> "clash.sizes";
          case 1 -> "clash.one";
          case 2 -> "clash.two";
          default -> "clash.more";
        };
    return wording.label(
        key,
        Map.of(
            "first", wishes.isEmpty() ? "" : wishes.get(0),
            "last", wishes.isEmpty() ? "" : wishes.get(wishes.size() - 1),
            "others",
                wishes.size() < 3
                    ? ""
                    : String.join("”, “", wishes.subList(0, wishes.size() - 1))));
  }
}
