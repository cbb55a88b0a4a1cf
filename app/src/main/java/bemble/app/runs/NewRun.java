package bemble.app.runs;

import bemble.app.slate.PageWriter;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/** A run about to be begun. */
record NewRun(
    String title,
    PageWriter writer,
    @Nullable Long classId,
    Source source,
    Terms terms,
    OffsetDateTime begunAt) {
  /** The source of the sums: a version of a set, or a rung by a method. */
  public record Source(
      @Nullable Long setId, @Nullable String setVersion, String rung, String method) {}

  /** When it is passed, and how it is worked. */
  public record Terms(
      int passMark, boolean inARow, String telling, String settingOut, boolean withCheck) {}
}
