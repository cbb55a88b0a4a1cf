package bemble.app.once;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.Period;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The key of the request that a thread serves. The request's first change keeps it, in the same
 * transaction: a crash leaves both or neither.
 */
@Component
public class RequestInHand {
  /** How long keys are kept: no screen waits longer for an answer. */
  private static final Period KEPT = Period.ofDays(1);

  private final ThreadLocal<@Nullable String> toKeep = new ThreadLocal<>();
  private final RequestKeyMapper keys;
  private final Clock clock;
  private final AtomicReference<LocalDate> forgottenOn = new AtomicReference<>();

  RequestInHand(RequestKeyMapper keys, Clock clock) {
    this.keys = keys;
    this.clock = clock;
  }

  /** Whether a request of this key has made a change. */
  boolean isKept(String key) {
    return keys.isKept(key);
  }

  /** This thread serves the request of a key from now on; its first change keeps the key. */
  void begin(String key) {
    toKeep.set(key);
  }

  /**
   * Keeps the key, within the transaction of a change, where no other change has done so. Old keys
   * go with the first one of a day.
   */
  public void keep() {
    String key = toKeep.get();
    if (key != null) {
      toKeep.remove();
      keys.insert(key);
      LocalDate today = LocalDate.now(clock);
      if (!today.equals(forgottenOn.getAndSet(today))) {
        keys.deleteBefore(OffsetDateTime.now(clock).minus(KEPT));
      }
    }
  }

  /** The request of this thread is served; its key goes where it was refused in the end. */
  void end(String key, boolean refused) {
    boolean isKept = toKeep.get() == null;
    toKeep.remove();
    if (refused && isKept) {
      keys.delete(key);
    }
  }
}
