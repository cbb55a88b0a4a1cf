package bemble.app.file;

import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Objects;
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
        add(file, copies, () -> packClosed(file, now, copies.nextBefore(now)));
      }
      add(file, copies, () -> packClosed(file, now, copies.next(now)));
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

  /** Copies all that is kept now, before something else takes its place; gives the copy. */
  Path copyBefore() {
    Path before = new Copies(file.copies()).nextBefore(now());
    copyTo(before);
    return before;
  }

  /** Writes all that is kept at one moment into a backup, which is there whole or not at all. */
  void copyTo(Path zip) {
    room.refuseIfFull();
    try (Connection reading = open.connect()) {
      reading.setAutoCommit(false);
      reading.setTransactionIsolation(Connection.TRANSACTION_SERIALIZABLE);
      pack(file, reading, now(), zip);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void pack(DataFile file, Connection from, LocalDateTime now, Path zip)
      throws SQLException {
    WorkFolder.use(
        file,
        work -> {
          Path half = work.resolve("half.zip");
          BackupFile.write(from, now, half);
          Folders.make(Objects.requireNonNull(zip.toAbsolutePath().getParent()));
          return Files.move(half, zip, StandardCopyOption.REPLACE_EXISTING);
        });
  }

  private static void packClosed(DataFile file, LocalDateTime now, Path zip) {
    file.read(
        connection -> {
          pack(file, connection, now, zip);
          return zip;
        });
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock);
  }
}
