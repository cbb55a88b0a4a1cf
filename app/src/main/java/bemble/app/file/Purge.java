package bemble.app.file;

import bemble.app.table.Bin;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Deletes from the bin everything that is older than a day, if the clock can be believed. */
@Component
class Purge {
  private final DataFile file;
  private final Bin bin;
  private final Clock clock;

  Purge(DataFile file, Bin bin, Clock clock) {
    this.file = file;
    this.bin = bin;
    this.clock = clock;
  }

  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
  void run() {
    if (new Copies(file.copies()).isPlausible(LocalDateTime.now(clock))) {
      bin.empty();
    }
  }
}
