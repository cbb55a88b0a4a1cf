package bemble.app.file;

import bemble.app.guard.Epoch;
import bemble.app.refusal.StaleException;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Supplier;

/** Lets transactions in while the data stays the same, and none while it is exchanged. */
final class Gate {
  /** Fair, so that new transactions do not keep an exchange waiting. */
  private final ReentrantReadWriteLock lock = new ReentrantReadWriteLock(true);

  private final Epoch epoch;

  Gate(Epoch epoch) {
    this.epoch = epoch;
  }

  /**
   * Lets this thread's transaction in.
   *
   * @throws StaleException if all data was exchanged since the request began: the values that it
   *     read are stale
   */
  void enter() {
    lock.readLock().lock();
    if (epoch.isOver()) {
      lock.readLock().unlock();
      throw new StaleException("replaced");
    }
  }

  void leave() {
    lock.readLock().unlock();
  }

  /** Runs an exchange while no transaction is under way and none can begin. */
  <T> T alone(Supplier<T> exchange) {
    lock.writeLock().lock();
    try {
      return exchange.get();
    } finally {
      lock.writeLock().unlock();
    }
  }
}
