package bemble.app.slate;

import org.jspecify.annotations.Nullable;

/**
 * The source of a page.
 *
 * @param checkOf the page that it checks
 * @param mends the page that it mends
 * @param run the run of which it is a sum
 * @param silent whether the judge speaks of it only when the run has ended
 * @param handout the handout of which it answers the sum {@code number}
 */
record Origin(
    @Nullable Long checkOf,
    @Nullable Long mends,
    @Nullable Long run,
    boolean silent,
    @Nullable Long handout,
    @Nullable Integer number) {
  static final Origin NONE = new Origin(null, null, null, false, null, null);

  static Origin inHandout(@Nullable Long handout, @Nullable Integer number) {
    return new Origin(null, null, null, false, handout, number);
  }

  static Origin inRun(boolean silent) {
    return new Origin(null, null, null, silent, null, null);
  }

  static Origin mending(long page, @Nullable Long checkOf) {
    return new Origin(checkOf, page, null, false, null, null);
  }

  static Origin checking(long id, OpenPage page) {
    return new Origin(id, null, page.run(), page.isSilent(), null, null);
  }
}
