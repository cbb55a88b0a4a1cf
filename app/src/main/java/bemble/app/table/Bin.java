package bemble.app.table;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.stereotype.Component;

/** Deletes so that it can be undone for a day. */
@Component
public class Bin {
  private static final Duration UNDO = Duration.ofDays(1);

  private final Clock clock;

  private final List<Deletable> tables;

  public Bin(Clock clock, List<Deletable> tables) {
    this.clock = clock;
    this.tables = List.copyOf(tables);
  }

  /** Deletes a row; false where there is none. */
  public boolean delete(Deletable table, long id) {
    return table.delete(id, OffsetDateTime.now(clock)) > 0;
  }

  /** Removes for good all rows whose deletion can no longer be undone. */
  public void empty() {
    OffsetDateTime before = OffsetDateTime.now(clock).minus(UNDO);
    tables.forEach(table -> table.purge(before));
  }
}
