package bemble.app.file;

import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Keeps the file small while it is open: a little in each second. */
@Component
class Tidy {
  private static final Duration LONGEST = Duration.ofMillis(200);

  private final OpenFile open;

  Tidy(OpenFile open) {
    this.open = open;
  }

  /** Removes from the file all traces of rows that were deleted for good. */
  @EventListener(Erased.class)
  void forget() {
    open.forget();
  }

  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.SECONDS)
  void run() {
    long until = System.nanoTime() + LONGEST.toNanos();
    while (open.tidy() && System.nanoTime() < until) {
      Thread.yield();
    }
  }
}
