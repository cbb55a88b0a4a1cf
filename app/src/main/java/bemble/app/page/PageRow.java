package bemble.app.page;

import java.time.OffsetDateTime;

/** A kept page as it lies in the table. */
record PageRow(
    long id,
    String plain,
    String method,
    String style,
    String title,
    String note,
    OffsetDateTime keptAt) {}
