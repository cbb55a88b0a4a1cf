package bemble.app.store;

import java.time.OffsetDateTime;

/** A run about to be begun. */
public record NewRun(
    String title,
    String who,
    Long classId,
    Long setId,
    String setVersion,
    String rung,
    String method,
    int passMark,
    boolean inARow,
    String telling,
    String settingOut,
    boolean withCheck,
    OffsetDateTime begunAt) {}
