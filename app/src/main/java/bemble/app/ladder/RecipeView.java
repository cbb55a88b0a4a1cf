package bemble.app.ladder;

import bemble.problem.Operation;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A recipe in JSON.
 *
 * @param operation the operation of its sums
 * @param numbers the sizes of the numbers as they are written
 * @param wishes ranges by the name of a trait, as in {@code zerosCrossed}
 * @param places figures of a root after its point
 */
public record RecipeView(
    Operation operation,
    List<SizeView> numbers,
    @Nullable Map<String, RangeView> wishes,
    @Nullable Integer places) {
  /**
   * The size of a number.
   *
   * @param figures how many figures it has
   * @param of the figures that it may be made of; every figure if left out
   */
  public record SizeView(RangeView figures, @Nullable String of) {}

  /** A range with both ends in it; an end that is left out is open. */
  public record RangeView(@Nullable Integer from, @Nullable Integer to) {}
}
