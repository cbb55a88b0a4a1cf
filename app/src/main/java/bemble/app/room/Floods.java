package bemble.app.room;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Keeps a caller with too many requests from holding up the others: each may have a few requests in
 * work at once and so many a second, and all without a seat share some workers.
 */
final class Floods {
  private static final int MOST_ASKERS = 10_000;
  private static final int AT_ONCE = 4;

  /** In a second: a page comes in a dozen files, and a whole class may stand behind one address. */
  private static final int STRANGER_A_SECOND = 60;

  /**
   * The most requests of a seat in a second. A hand writes five figures; waiting ones come
   * together.
   */
  private static final int SEAT_A_SECOND = 20;

  /** The files of a page come side by side; fewer than there are workers. */
  private static final int STRANGERS_AT_ONCE = 12;

  private final Semaphore strangers = new Semaphore(STRANGERS_AT_ONCE);
  private final Cache<String, AtomicInteger> inWork =
      Caffeine.newBuilder().maximumSize(MOST_ASKERS).weakValues().build();
  private final Cache<String, AtomicInteger> thisSecond =
      Caffeine.newBuilder()
          .maximumSize(MOST_ASKERS)
          .expireAfterWrite(Duration.ofSeconds(1))
          .build();

  /** A turn that is granted or not, and given back by closing it. */
  final class Turn implements AutoCloseable {
    private final AtomicInteger own;
    private final boolean isOfSeat;
    private final boolean granted;

    private Turn(AtomicInteger own, boolean isOfSeat, boolean isInTime) {
      this.own = own;
      this.isOfSeat = isOfSeat;
      boolean isInBounds = own.incrementAndGet() <= (isOfSeat ? AT_ONCE : STRANGERS_AT_ONCE);
      this.granted = isInTime && isInBounds && (isOfSeat || strangers.tryAcquire());
    }

    boolean isGranted() {
      return granted;
    }

    @Override
    public void close() {
      own.decrementAndGet();
      if (granted && !isOfSeat) {
        strangers.release();
      }
    }
  }

  /** A turn for a caller: a seat, or an address. */
  Turn turn(String asker, boolean isSeat) {
    int come = thisSecond.get(asker, any -> new AtomicInteger()).incrementAndGet();
    boolean isInTime = come <= (isSeat ? SEAT_A_SECOND : STRANGER_A_SECOND);
    return new Turn(inWork.get(asker, any -> new AtomicInteger()), isSeat, isInTime);
  }
}
