package bemble.recipe;

import org.jspecify.annotations.Nullable;

/**
 * The longest run of neighbouring places with an event, followed place by place and told apart only
 * as far as a range asks.
 *
 * @param run how long the run is that ends at the last place; 0 where it does not matter
 * @param enough whether a run has been as long as the range wishes at least
 */
record Streak(int run, boolean enough) {
  /** Before the first place. */
  static Streak begin(Range range) {
    return new Streak(0, range.from() == 0);
  }

  /** After one more place; null where the run has become too long. */
  @Nullable Streak next(Range range, boolean happens) {
    boolean matters = !enough || range.to() != Range.UNBOUNDED;
    if (!happens || !matters) {
      return run == 0 ? this : new Streak(0, enough);
    }
    int longer = run + 1;
    if (longer > range.to()) {
      return null;
    }
    boolean isEnough = enough || longer >= range.from();
    return new Streak(isEnough && range.to() == Range.UNBOUNDED ? 0 : longer, isEnough);
  }
}
