package bemble.app.store;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/** A run about to be begun. */
public record NewRun(
    String title,
    String who,
    @Nullable Long classId,
    @Nullable Long setId,
    @Nullable String setVersion,
    String rung,
    String method,
    int passMark,
    boolean inARow,
    String telling,
    String settingOut,
    boolean withCheck,
    OffsetDateTime begunAt) {}
