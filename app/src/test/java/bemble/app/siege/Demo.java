package bemble.app.siege;

import bemble.app.journey.Talk;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The demo's weeks, which come some seconds after Bemble is open. */
final class Demo {
  private static final int TRIES = 600;

  private Demo() {}

  /** Waits until the demo data is complete: nothing more comes for a while. */
  static void await(Talk talk) {
    int before = -1;
    int same = 0;
    for (int i = 0; i < TRIES; i++) {
      int now =
          talk.get("/api/handouts").json().get("total").asInt()
              + talk.get("/api/attempts").json().get("total").asInt()
              + talk.get("/api/runs").json().get("total").asInt();
      same = now == before && now > 0 ? same + 1 : 0;
      if (same == 10) {
        return;
      }
      before = now;
      LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(300));
    }
    throw new IllegalStateException("the demo did not come");
  }
}
