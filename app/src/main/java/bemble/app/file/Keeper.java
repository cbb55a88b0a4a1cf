package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;

/** Brings what is kept to the disk and makes copies of it while Bemble runs. */
public class Keeper {
  private static final Logger LOG = LoggerFactory.getLogger(Keeper.class);
  private final DataFile file;
  private final Clock clock;
  private final JdbcTemplate database;
  private final AtomicBoolean written = new AtomicBoolean();
  private final AtomicBoolean changed = new AtomicBoolean();

  Keeper(DataFile file, DataSource source, Clock clock) {
    this.file = file;
    this.clock = clock;
    this.database = new JdbcTemplate(source);
  }

  /** Notes that something was written that may reach the disk a second later. */
  public void noteWritten() {
    written.set(true);
    changed.set(true);
  }

  /** Brings all that was written to the disk, so that it survives even a loss of power. */
  public void confirm() {
    changed.set(true);
    written.set(false);
    database.execute("checkpoint sync");
  }

  @Scheduled(fixedDelay = 1000)
  void flush() {
    if (written.getAndSet(false)) {
      database.execute("checkpoint sync");
    }
  }

  /** Makes a copy on each day on which something changes and that has none of its start. */
  @Scheduled(fixedDelay = 3_600_000, initialDelay = 3_600_000)
  void copyDaily() {
    Copies copies = new Copies(file.copies());
    boolean today =
        copies
            .newest()
            .map(copy -> Copies.momentOf(copy).toLocalDate().equals(now().toLocalDate()))
            .orElse(false);
    if (!today && changed.getAndSet(false)) {
      copy();
    }
  }

  /**
   * Makes a dated copy and removes those that are no longer needed. Where there is no room for one,
   * Bemble works on without it.
   */
  void copy() {
    Copies copies = new Copies(file.copies());
    try {
      copyTo(copies.at(now()));
      copies.prune();
    } catch (UncheckedIOException | DataAccessException e) {
      LOG.warn("No copy of {} could be made: {}", file.path(), e.getMessage());
    }
  }

  /** Writes all that is kept into a zip, which is there whole or not at all. */
  void copyTo(Path zip) {
    try {
      Path folder = zip.toAbsolutePath().getParent();
      Files.createDirectories(folder);
      Path half = Files.createTempFile(folder, "half", ".tmp");
      try {
        database.execute("backup to '" + half.toString().replace("'", "''") + "'");
        Files.move(half, zip, StandardCopyOption.REPLACE_EXISTING);
      } finally {
        Files.deleteIfExists(half);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock);
  }
}
