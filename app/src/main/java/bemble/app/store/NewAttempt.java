package bemble.app.store;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/** An attempt about to be begun. */
public record NewAttempt(
    String plain,
    String method,
    String style,
    String who,
    String settingOut,
    String telling,
    OffsetDateTime begunAt,
    @Nullable Long checkOf,
    @Nullable Long mends,
    int layout,
    @Nullable Long runId,
    boolean silent,
    String rung,
    @Nullable Long handoutId,
    @Nullable Integer handoutNumber) {}
