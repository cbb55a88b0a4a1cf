package bemble.app.ladder;

import bemble.app.house.Classes;
import bemble.app.json.JsonName;
import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.app.working.WorkingWords;
import bemble.problem.Operation;
import bemble.recipe.Clash;
import bemble.recipe.Fitting;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Trait;
import java.math.BigInteger;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Counts and draws the sums that fit a recipe; keeps nothing. */
@RestController
@RequestMapping("/api/recipes")
class RecipeController {
  private static final int MOST_DRAWN = 1000;
  private final Random seeds = new SecureRandom();
  private final Classes classes;

  RecipeController(Classes classes) {
    this.classes = classes;
  }

  /**
   * How many sums fit, and why none does.
   *
   * @param count a whole number of any size
   * @param wishes each wish of the recipe in words, by its trait
   */
  record CountView(String count, @Nullable String clash, Map<String, String> wishes) {}

  /** A trait that can be wished, and its words. */
  record TraitView(Operation operation, String name, String words) {}

  /**
   * The sums to draw.
   *
   * @param count how many sums
   * @param seed the same seed draws the same sums; any if left out
   */
  record DrawRequest(RecipeView recipe, Integer count, @Nullable Long seed) {}

  /** Sums in figures and signs, all different; fewer only where fewer fit. */
  record DrawView(List<String> sums) {}

  @PostMapping("/count")
  CountView count(@RequestBody RecipeView request) {
    Recipe recipe = Recipes.read(request);
    BigInteger count = Fitting.of(recipe).count();
    RecipeWords words = words();
    String clash = count.signum() > 0 ? null : words.clash(Clash.of(recipe).orElseThrow(), recipe);
    Map<String, String> wishes = new LinkedHashMap<>();
    recipe.wishes().keySet().stream()
        .sorted()
        .forEach(trait -> wishes.put(JsonName.of(trait), words.wish(trait, recipe)));
    return new CountView(count.toString(), clash, wishes);
  }

  /** All traits that can be wished of sums, operation by operation. */
  @GetMapping("/traits")
  List<TraitView> traits() {
    RecipeWords words = words();
    List<TraitView> traits = new ArrayList<>();
    for (Operation operation : Operation.values()) {
      for (Trait trait : Trait.of(operation)) {
        String said = words.wish(trait, Range.atLeast(1));
        traits.add(new TraitView(operation, JsonName.of(trait), said));
      }
    }
    return traits;
  }

  private RecipeWords words() {
    return new RecipeWords(Language.wording(classes.currentStyle()));
  }

  @PostMapping("/draw")
  DrawView draw(@RequestBody DrawRequest request) {
    Recipe recipe = Recipes.read(request.recipe());
    int count = request.count() == null ? 0 : request.count();
    if (count < 1 || count > MOST_DRAWN) {
      throw RefusedException.of("draw-count", "most", MOST_DRAWN);
    }
    long seed = request.seed() == null ? seeds.nextLong() : request.seed();
    List<String> sums =
        Fitting.of(recipe).draw(count, seed).stream().map(WorkingWords::plain).toList();
    return new DrawView(sums);
  }
}
