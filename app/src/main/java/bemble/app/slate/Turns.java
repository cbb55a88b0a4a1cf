package bemble.app.slate;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Has as many pages judged at once as there are processors, in the order in which they came: where
 * more are judged side by side, each of them takes longer and none is done sooner.
 */
@Component
class Turns {
  private final Semaphore turns = new Semaphore(Runtime.getRuntime().availableProcessors(), true);

  <T> T take(Supplier<T> judging) {
    turns.acquireUninterruptibly();
    try {
      return judging.get();
    } finally {
      turns.release();
    }
  }
}
