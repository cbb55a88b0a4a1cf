package bemble.app.table;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A value read from the data, until a change. Unlike {@link Shared} it makes nobody wait: two may
 * read it at the same time.
 */
public final class Remembered<V> {
  private final Changes changes;
  private volatile @Nullable Read<V> latest;

  /** A value that is not read yet. */
  public Remembered(Changes changes) {
    this.changes = changes;
  }

  /** A value that was read when there had been so many changes, or more. */
  private record Read<V>(V value, long asOf) {}

  /** The value as it is kept now; {@code read} reads it. */
  public V or(Supplier<V> read) {
    if (TransactionSynchronizationManager.isActualTransactionActive()) {
      // A transaction may see changes of its own, which others do not see yet.
      return read.get();
    }
    Read<V> known = latest;
    long now = changes.count();
    if (known == null || known.asOf() < now) {
      known = new Read<>(read.get(), now);
      latest = known;
    }
    return known.value();
  }
}
