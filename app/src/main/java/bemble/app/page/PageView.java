package bemble.app.page;

import bemble.app.working.WorkingView;
import java.time.OffsetDateTime;

/** A kept page, opened: its working is computed anew. */
public record PageView(
    long id, String title, String note, OffsetDateTime keptAt, WorkingView working) {
  /** A kept page in a list. */
  public record Entry(
      long id,
      String problem,
      String method,
      String methodName,
      String title,
      String note,
      OffsetDateTime keptAt) {}
}
