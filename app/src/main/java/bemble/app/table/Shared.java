package bemble.app.table;

import bemble.app.words.Language;
import bemble.style.Style;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Values that are worked out from all data: once for each state of it, however many ask for one at
 * the same time in the same language. One is worked out at a time, so that whoever writes meanwhile
 * finds a processor free.
 */
@Component
public class Shared {
  private static final int KEPT = 24;

  private final Changes changes;
  private final ReentrantLock working = new ReentrantLock(true);
  private final Cache<Asked, Worked> kept = Caffeine.newBuilder().maximumSize(KEPT).build();

  Shared(Changes changes) {
    this.changes = changes;
  }

  /** A question, and the language in which it was answered. */
  private record Asked(Object key, String language) {}

  /** A value that was worked out after a number of changes, or later. */
  private record Worked(Object value, long asOf) {}

  /**
   * The value that {@code work} gives for the present data.
   *
   * @param key everything else that it depends on; no other work has an equal one
   */
  @SuppressWarnings("unchecked")
  public <V> V of(Object key, Supplier<V> work) {
    Asked asked = new Asked(key, Language.current(Style.ENGLISH));
    if (TransactionSynchronizationManager.isActualTransactionActive()) {
      // A transaction may see changes of its own, which others do not see yet.
      return work.get();
    }
    long wanted = changes.count();
    Worked worked = kept.getIfPresent(asked);
    if (worked == null || worked.asOf() < wanted) {
      working.lock();
      try {
        worked = kept.getIfPresent(asked);
        if (worked == null || worked.asOf() < wanted) {
          long asOf = changes.count();
          worked = new Worked(work.get(), asOf);
          kept.put(asked, worked);
        }
      } finally {
        working.unlock();
      }
    }
    return (V) worked.value();
  }
}
