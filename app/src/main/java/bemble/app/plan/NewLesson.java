package bemble.app.plan;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A lesson about to be planned.
 *
 * @param cameFrom the lesson of which it is the untaught rest; null for one of its own
 */
public record NewLesson(
    long classId,
    LocalDate taughtOn,
    String kind,
    String rung,
    String slip,
    String title,
    String note,
    @Nullable Long cameFrom) {}
