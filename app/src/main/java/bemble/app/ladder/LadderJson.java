package bemble.app.ladder;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is said of ladders on HTTP. */
public final class LadderJson {
  private LadderJson() {}

  /**
   * A rung of the ladder of a class.
   *
   * @param own whether the class has made it
   * @param hidden whether the class does without it
   */
  public record RungView(
      String id,
      String operation,
      String operationName,
      String name,
      String news,
      RecipeView recipe,
      List<String> wishes,
      String method,
      List<String> needs,
      boolean own,
      boolean hidden) {}

  /**
   * What changes on a rung; what is left out stays.
   *
   * @param name what the class calls it; empty for Bemble's own name
   * @param news what the class says is new there; empty for Bemble's own words
   * @param behind the rung of the same operation that it comes behind; empty to come first
   */
  public record RungChange(
      @Nullable @Size(max = 80, message = "{valid.rung-name}") String name,
      @Nullable @Size(max = 160, message = "{valid.rung-news}") String news,
      @Nullable Boolean hidden,
      @Nullable String behind) {}

  /**
   * A rung of the class's own.
   *
   * @param news what is new there
   * @param recipe what its sums are like
   * @param behind the rung that it comes behind; the last one if left out
   */
  public record RungRequest(
      @NotBlank(message = "{valid.rung-name}") @Size(max = 80, message = "{valid.rung-name}")
          String name,
      @Nullable @Size(max = 160, message = "{valid.rung-news}") String news,
      @NotNull(message = "{valid.rung-recipe}") RecipeView recipe,
      @NotBlank(message = "{valid.rung-method}") @Size(max = 40, message = "{valid.rung-method}")
          String method,
      @Nullable String behind) {}
}
