package bemble.app.page;

import java.time.OffsetDateTime;

/** A page about to be kept. */
record NewPage(
    String plain, String method, String style, String title, String note, OffsetDateTime keptAt) {}
