package bemble.app.store;

import java.time.OffsetDateTime;

/** An attempt as a list tells of it; the judge's columns are null where it has not judged yet. */
public record ListedAttempt(
    long id,
    String plain,
    String method,
    String style,
    String who,
    OffsetDateTime begunAt,
    OffsetDateTime handedInAt,
    Integer judgedBy,
    String slip,
    Integer slips,
    Long lastMillis) {}
