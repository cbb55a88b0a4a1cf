package bemble.app.table;

import java.time.OffsetDateTime;

/** A table whose rows are marked when they are deleted, and removed a while later. */
public interface Deletable {
  /** Marks a row; 0 where there is none that stands. */
  int delete(long id, OffsetDateTime at);

  /** Takes the mark away; 0 where there is no marked row of that id. */
  int restore(long id);

  /** Removes the rows that were marked as deleted before that moment. */
  int purge(OffsetDateTime before);
}
