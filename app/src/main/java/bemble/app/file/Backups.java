package bemble.app.file;

import bemble.app.http.MissingException;
import bemble.app.http.RefusedException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Makes backups and brings them back while Bemble runs. The rows are exchanged in one transaction,
 * so that a crash leaves all as it was; what was there is kept as a copy before.
 */
@Component
public class Backups {
  private final DataFile file;
  private final DataSource source;
  private final Keeper keeper;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  Backups(
      DataFile file,
      DataSource source,
      Keeper keeper,
      Clock clock,
      ApplicationEventPublisher events) {
    this.file = file;
    this.source = source;
    this.keeper = keeper;
    this.clock = clock;
    this.events = events;
  }

  /** The copies that Bemble has made by itself, the newest first. */
  List<CopyView> list() {
    return new Copies(file.copies()).whole().stream().map(CopyView::of).toList();
  }

  /** All that is kept now, as a zip. */
  byte[] now() {
    return inFolder(
        folder -> {
          Path zip = folder.resolve("now.zip");
          keeper.copyTo(zip);
          return Files.readAllBytes(zip);
        });
  }

  /** Brings back the copy of that name. */
  CopyView restore(String name) {
    return restore(new Copies(file.copies()).find(name).orElseThrow(Backups::missing));
  }

  /**
   * Brings back what a zip holds.
   *
   * @return the copy of what was there before
   */
  CopyView restore(InputStream zip) {
    return inFolder(
        folder -> {
          Path sent = folder.resolve("sent.zip");
          Files.copy(zip, sent);
          return restore(sent);
        });
  }

  private CopyView restore(Path zip) {
    return inFolder(
        folder -> {
          DataFile good = unpacked(zip, folder);
          Path before = new Copies(file.copies()).before(LocalDateTime.now(clock));
          keeper.copyTo(before);
          exchange(good);
          keeper.confirm();
          events.publishEvent(new DataReplaced());
          return CopyView.of(before);
        });
  }

  /** The data file that a zip holds, brought to the schema of this Bemble. */
  private static DataFile unpacked(Path zip, Path folder) throws IOException {
    DataFile unpacked = new DataFile(folder.resolve("bemble"));
    try {
      Backup.unpack(zip, unpacked.path());
      unpacked.check(Schema.newest());
    } catch (UnusableFileException e) {
      throw e.isNewer() ? RefusedException.of("newer-backup") : RefusedException.of("no-backup");
    }
    Flyway.configure().dataSource(url(unpacked), "sa", "").load().migrate();
    return unpacked;
  }

  private void exchange(DataFile by) {
    try (Connection from = DriverManager.getConnection(url(by), "sa", "");
        Connection to = source.getConnection()) {
      to.setAutoCommit(false);
      try {
        clear(to);
        for (String table : Schema.TABLES) {
          copy(table, from, to);
        }
        to.commit();
      } catch (SQLException e) {
        to.rollback();
        throw e;
      } finally {
        to.setAutoCommit(true);
      }
      numberOn(to);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void clear(Connection to) throws SQLException {
    List<String> lastFirst = new ArrayList<>(Schema.TABLES);
    Collections.reverse(lastFirst);
    try (Statement statement = to.createStatement()) {
      for (String table : lastFirst) {
        statement.execute("delete from " + table);
      }
    }
  }

  /** Copies all rows of a table with their numbers, those that others refer to first. */
  private static void copy(String table, Connection from, Connection to) throws SQLException {
    try (Statement reading = from.createStatement();
        ResultSet rows = reading.executeQuery("select * from " + table + " order by 1")) {
      List<String> columns = new ArrayList<>();
      for (int column = 1; column <= rows.getMetaData().getColumnCount(); column++) {
        columns.add(rows.getMetaData().getColumnName(column));
      }
      String insert =
          "insert into %s (%s) overriding system value values (%s)"
              .formatted(
                  table,
                  String.join(", ", columns),
                  String.join(", ", Collections.nCopies(columns.size(), "?")));
      try (PreparedStatement writing = to.prepareStatement(insert)) {
        int waiting = 0;
        while (rows.next()) {
          for (int column = 1; column <= columns.size(); column++) {
            writing.setObject(column, rows.getObject(column));
          }
          writing.addBatch();
          if (++waiting % 1000 == 0) {
            writing.executeBatch();
          }
        }
        writing.executeBatch();
      }
    }
  }

  /** What is kept next gets a number that no row has. */
  private static void numberOn(Connection to) throws SQLException {
    try (Statement statement = to.createStatement()) {
      for (String table : Schema.NUMBERED) {
        statement.execute(
            "alter table %1$s alter column id restart with (select coalesce(max(id), 0) + 1 from %1$s)"
                .formatted(table));
      }
    }
  }

  private static String url(DataFile file) {
    return "jdbc:h2:file:" + file.base().toAbsolutePath();
  }

  private static MissingException missing() {
    return new MissingException("copy");
  }

  private interface Use<T> {
    T of(Path folder) throws IOException;
  }

  /** Does something with a folder beside the data file that is gone afterwards. */
  private <T> T inFolder(Use<T> use) {
    try {
      Path beside = file.path().toAbsolutePath().getParent();
      Path folder = Files.createTempDirectory(beside, "restoring");
      try {
        return use.of(folder);
      } finally {
        FileSystemUtils.deleteRecursively(folder);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
