package bemble.app.slate;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/** An attempt about to be begun. */
record NewAttempt(
    BegunSum sum,
    PageWriter writer,
    String settingOut,
    String telling,
    boolean silent,
    OffsetDateTime begunAt,
    Links links) {
  /** The sum of an attempt, and the layout of the pages of its method. */
  public record BegunSum(String plain, String method, String style, int layout, String rung) {}

  /** The things that the attempt belongs to. */
  public record Links(
      @Nullable Long checkOf,
      @Nullable Long mends,
      @Nullable Long runId,
      @Nullable Long handoutId,
      @Nullable Integer handoutNumber) {}
}
