package bemble.app.store;

import java.time.OffsetDateTime;

/**
 * An attempt as it lies in the table.
 *
 * @param runId the run that it belongs to; null for one that stands alone
 * @param silent whether the judge may not speak of it yet
 */
public record AttemptRow(
    long id,
    String plain,
    String method,
    String style,
    String who,
    String settingOut,
    String telling,
    OffsetDateTime begunAt,
    OffsetDateTime handedInAt,
    String explanation,
    Long checkOf,
    Boolean cameBack,
    Long mends,
    int layout,
    Long runId,
    boolean silent) {}
