package bemble.app.store;

import java.time.OffsetDateTime;

/** An attempt as it lies in the table. */
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
    int layout) {}
