package bemble.app.store;

import java.time.OffsetDateTime;

/** A set about to be kept. */
public record NewSet(String title, Long classId, String lines, OffsetDateTime keptAt) {}
