package bemble.app.file;

import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;

/** Makes copies of all that is kept: at each start, once a day, and when it is told to. */
class Copier {
  private static final Logger LOG = LoggerFactory.getLogger(Copier.class);

  private final DataFile file;
  private final OpenFile open;
  private final DiskSpace room;
  private final Clock clock;
  private long flushesBefore;

  Copier(DataFile file, OpenFile open, DiskSpace room, Clock clock) {
    this.file = file;
    this.open = open;
    this.room = room;
    this.clock = clock;
  }

  /**
   * Copies a file that is about to be opened. A file of another version of Bemble is copied once
   * more, beside the daily copies, so that a later start of the same day does not replace its copy.
   */
  static void copyClosed(DataFile file, Clock clock, String version) {
    if (Files.exists(file.path()) && !file.isEmpty()) {
      LocalDateTime now = LocalDateTime.now(clock);
      Copies copies = new Copies(file.copies());
      if (!file.version().names(version)) {
        add(file, copies, () -> pack(file, file, now, copies.nextBefore(now)));
      }
      add(file, copies, () -> pack(file, file, now, copies.next(now)));
    }
  }

  /** Makes a copy on each day of a change that has no copy from its start. */
  @Scheduled(fixedDelay = 3_600_000, initialDelay = 3_600_000)
  void copyDaily() {
    Copies copies = new Copies(file.copies());
    boolean today =
        copies
            .newest()
            .map(copy -> copy.moment().toLocalDate().equals(now().toLocalDate()))
            .orElse(false);
    if (!today && open.flushes() > flushesBefore) {
      flushesBefore = open.flushes();
      add(file, copies, () -> copyTo(copies.next(now())));
    }
  }

  /**
   * Adds a copy and removes those that are no longer needed. Where there is no room for one, Bemble
   * works on without it.
   */
  private static void add(DataFile file, Copies copies, Runnable making) {
    try {
      making.run();
      copies.prune();
    } catch (UncheckedIOException e) {
      LOG.warn("No copy of {} could be made: {}", file.path(), e.getMessage());
    }
  }

  /** Writes all that is kept into a backup, which is there whole or not at all. */
  void copyTo(Path zip) {
    room.refuseIfFull();
    WorkFolder.use(
        file,
        work -> {
          DataFile copied = new DataFile(work.resolve("bemble"));
          open.copyTo(copied);
          pack(file, copied, now(), zip);
          return null;
        });
  }

  private static void pack(DataFile file, DataFile closed, LocalDateTime now, Path zip) {
    WorkFolder.use(
        file,
        work -> {
          Path half = work.resolve("half.zip");
          BackupFile.write(closed, now, half);
          Folders.make(zip.toAbsolutePath().getParent());
          return Files.move(half, zip, StandardCopyOption.REPLACE_EXISTING);
        });
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock);
  }
}
