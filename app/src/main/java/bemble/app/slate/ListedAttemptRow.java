package bemble.app.slate;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/** An attempt in a list; the judge's columns are null before its judgement. */
record ListedAttemptRow(
    long id,
    String plain,
    String method,
    String style,
    String who,
    OffsetDateTime begunAt,
    @Nullable OffsetDateTime handedInAt,
    @Nullable Integer judgedBy,
    @Nullable String finding,
    @Nullable Integer findings,
    @Nullable Long lastMillis) {}
