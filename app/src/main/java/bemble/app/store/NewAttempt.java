package bemble.app.store;

import java.time.OffsetDateTime;

/** An attempt about to be begun. */
public record NewAttempt(
    String plain,
    String method,
    String style,
    String who,
    String settingOut,
    String telling,
    OffsetDateTime begunAt,
    Long checkOf,
    Long mends,
    int layout,
    Long runId,
    boolean silent,
    String rung,
    Long handoutId,
    Integer handoutNumber) {}
