package bemble.app.table;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/** Counts the changes of the data, so that values worked out from it are known to be stale. */
@Component
public class Changes {
  private final AtomicLong count = new AtomicLong();

  /** Notes that something was committed. */
  public void note() {
    count.incrementAndGet();
  }

  /** How many changes there were. */
  long count() {
    return count.get();
  }
}
