package bemble.app.slate;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * An attempt as it lies in the table.
 *
 * @param runId the run that it belongs to; null for one that stands alone
 * @param silent whether its judgement is held back for now
 * @param fromPaper whether its page was read off paper
 */
record AttemptRow(
    long id,
    String plain,
    String method,
    String style,
    String who,
    @Nullable Long pupilId,
    String settingOut,
    String telling,
    OffsetDateTime begunAt,
    @Nullable OffsetDateTime handedInAt,
    String explanation,
    @Nullable Long checkOf,
    @Nullable Boolean cameBack,
    @Nullable Long mends,
    int layout,
    @Nullable Long runId,
    boolean silent,
    boolean fromPaper) {}
