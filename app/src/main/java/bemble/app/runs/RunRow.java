package bemble.app.runs;

import bemble.app.slate.PageWriter;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A run as it lies in the table.
 *
 * @param setVersion the version of the set that its sums were taken from; null for other runs
 * @param setStands whether that set is still kept
 * @param rung the rung of a run without an end; empty for others
 * @param goneOnAt when it was last gone on with; null where it never was
 */
record RunRow(
    long id,
    String title,
    String who,
    @Nullable Long pupilId,
    @Nullable String setVersion,
    boolean setStands,
    String rung,
    String method,
    int passMark,
    boolean inARow,
    String telling,
    String settingOut,
    boolean withCheck,
    OffsetDateTime begunAt,
    @Nullable OffsetDateTime endedAt,
    @Nullable OffsetDateTime pausedAt,
    @Nullable OffsetDateTime goneOnAt) {
  PageWriter writer() {
    return new PageWriter(who, pupilId);
  }
}
