package bemble.app.slate;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * The result of a page of a run.
 *
 * @param handedIn whether it is handed in
 * @param allRight whether everything on it is right, as far as it has come
 * @param slip the id of its first slip; empty where none is known
 * @param begunAt when it was begun
 * @param millis milliseconds from its beginning to its end, or to its last stroke
 * @param check the page of its check, if any
 * @param saidSo whether its writer said that it came back, where it is a check
 */
public record PageResult(
    boolean handedIn,
    boolean allRight,
    String slip,
    OffsetDateTime begunAt,
    long millis,
    @Nullable Long check,
    boolean saidSo) {}
