package bemble.app.store;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/** Counts the changes of what is kept, so that what was worked out of it is known to be old. */
@Component
public class Changes {
  private final AtomicLong count = new AtomicLong();

  /** Something was committed. */
  public void note() {
    count.incrementAndGet();
  }

  /** How many changes there were. */
  long count() {
    return count.get();
  }
}
