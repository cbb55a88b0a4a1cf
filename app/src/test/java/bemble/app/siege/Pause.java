package bemble.app.siege;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** Lets others work for a while. */
final class Pause {
  private Pause() {}

  static void millis(long millis) {
    LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(millis));
  }
}
