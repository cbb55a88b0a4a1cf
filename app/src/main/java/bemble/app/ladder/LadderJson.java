package bemble.app.ladder;

import bemble.app.words.PlainName;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of ladders. */
public final class LadderJson {
  private LadderJson() {}

  /**
   * A rung of the ladder of a class. Its parts lie flat in JSON.
   *
   * @param needs the rungs that come before it
   * @param own whether the class has made it
   * @param hidden whether the class does without it
   */
  public record RungView(
      String id,
      @JsonUnwrapped RungNames names,
      @JsonUnwrapped RungSums sums,
      List<String> needs,
      boolean own,
      boolean hidden) {}

  /** The names of a rung and of its operation, and the news of the rung. */
  public record RungNames(String operation, String operationName, String name, String news) {}

  /** The recipe of a rung's sums, also in words, and the method that works them. */
  public record RungSums(RecipeView recipe, List<String> wishes, String method) {}

  /**
   * The changes of a rung; a missing one leaves its value.
   *
   * @param name the class's name for it; empty for Bemble's own
   * @param news the class's words for its news; empty for Bemble's own
   * @param behind the rung of the same operation that it comes behind; empty to come first
   */
  public record RungChange(
      @Nullable @PlainName String name,
      @Nullable @Size(max = 160, message = "{valid.rung-news}") String news,
      @Nullable Boolean hidden,
      @Nullable String behind) {}

  /**
   * A rung of the class's own.
   *
   * @param news the difficulty that it adds
   * @param recipe the recipe of its sums
   * @param behind the rung that it comes behind; the last one if left out
   */
  public record RungRequest(
      @NotBlank(message = "{valid.rung-name}") @PlainName String name,
      @Nullable @Size(max = 160, message = "{valid.rung-news}") String news,
      @NotNull(message = "{valid.rung-recipe}") RecipeView recipe,
      @NotBlank(message = "{valid.rung-method}") @Size(max = 40, message = "{valid.rung-method}")
          String method,
      @Nullable String behind) {}
}
