package bemble.app.store;

import java.time.OffsetDateTime;

/** A page about to be kept. */
public record NewPage(
    String plain, String method, String style, String title, String note, OffsetDateTime keptAt) {}
