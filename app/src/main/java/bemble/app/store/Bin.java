package bemble.app.store;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import org.springframework.stereotype.Component;

/** Deletes so that it can be undone for a day. */
@Component
public class Bin {
  private static final Duration UNDO = Duration.ofDays(1);

  private final Clock clock;

  public Bin(Clock clock) {
    this.clock = clock;
  }

  /** Deletes a row, and for good those that were deleted long ago; false where there is none. */
  public boolean delete(Deletable table, long id) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    table.purge(now.minus(UNDO));
    return table.delete(id, now) > 0;
  }
}
