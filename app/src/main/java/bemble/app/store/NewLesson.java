package bemble.app.store;

import java.time.LocalDate;

/** A lesson about to be planned. */
public record NewLesson(
    long classId,
    LocalDate taughtOn,
    String kind,
    String rung,
    String slip,
    String title,
    String note) {}
