package bemble.app.plan;

import java.time.LocalDate;

/**
 * A lesson as it lies in the table.
 *
 * @param rung the rung that it is about
 * @param slip the slip that it is against; empty where there is none
 */
public record LessonRow(
    long id,
    long classId,
    LocalDate taughtOn,
    String kind,
    String rung,
    String slip,
    String title,
    String state,
    String note,
    int version) {}
