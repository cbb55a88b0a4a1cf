package bemble.app.file;

import bemble.app.http.MissingException;
import bemble.app.http.RefusedException;
import java.io.IOException;
import java.io.InputStream;
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
import org.springframework.stereotype.Component;

/**
 * Makes backups and brings them back while Bemble runs. The rows are exchanged in one transaction,
 * so that a crash leaves all as it was. What was there is copied before, and nobody writes between
 * the copy and the exchange.
 */
@Component
public class Backups {
  private final DataFile file;
  private final DataSource source;
  private final Copier copier;
  private final OpenFile open;
  private final DiskSpace room;
  private final Gate gate;
  private final Clock clock;
  private final Replacement replacement;

  Backups(
      DataFile file,
      DataSource source,
      Copier copier,
      OpenFile open,
      DiskSpace room,
      Gate gate,
      Clock clock,
      Replacement replacement) {
    this.file = file;
    this.source = source;
    this.copier = copier;
    this.open = open;
    this.room = room;
    this.gate = gate;
    this.clock = clock;
    this.replacement = replacement;
  }

  /** The copies that Bemble has made by itself, the one made last first. */
  List<CopyView> list() {
    return new Copies(file.copies()).all().stream().map(CopyView::of).toList();
  }

  /** Somebody who is sent a backup. */
  interface Receiver {
    void take(Path zip) throws IOException;
  }

  /** Hands over all that is kept now, as a zip. */
  void now(Receiver receiver) {
    room.refuseIfFull();
    WorkFolder.use(
        file,
        work -> {
          Path zip = work.resolve("now.zip");
          copier.copyTo(zip);
          receiver.take(zip);
          return null;
        });
  }

  /** Brings back the copy of that name. */
  CopyView restore(String name) {
    return restore(new Copies(file.copies()).find(name).orElseThrow(Backups::missing).path());
  }

  /**
   * Brings back what a zip of some bytes holds.
   *
   * @return the copy of what was there before
   */
  CopyView restore(InputStream zip, long bytes) {
    room.refuseIfLess(bytes);
    return WorkFolder.use(
        file,
        work -> {
          Path sent = work.resolve("sent.zip");
          Files.copy(zip, sent);
          return restore(sent);
        });
  }

  private CopyView restore(Path zip) {
    return WorkFolder.use(
        file,
        work -> {
          DataFile good = unpacked(zip, work);
          return gate.alone(() -> exchange(good));
        });
  }

  /** The data file that a zip holds, brought to the schema of this Bemble. */
  private DataFile unpacked(Path zip, Path work) throws IOException {
    DataFile unpacked = new DataFile(work.resolve("bemble"));
    try {
      BackupFile.unpack(zip, unpacked, room);
    } catch (UnusableFileException e) {
      throw e.isNewer() ? RefusedException.of("newer-backup") : RefusedException.of("no-backup");
    }
    Flyway.configure().dataSource(unpacked.url(), "sa", "").load().migrate();
    return unpacked;
  }

  private CopyView exchange(DataFile by) {
    Copies copies = new Copies(file.copies());
    Path before = copies.nextBefore(LocalDateTime.now(clock));
    copier.copyTo(before);
    try (Connection from = DriverManager.getConnection(by.url(), "sa", "");
        Connection to = source.getConnection()) {
      exchange(from, to);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    open.flush();
    replacement.tell();
    return CopyView.of(copies.find(before.getFileName().toString()).orElseThrow(Backups::missing));
  }

  private static void exchange(Connection from, Connection to) throws SQLException {
    numberOn(from, to);
    to.setAutoCommit(false);
    try {
      clear(to);
      for (String table : Schema.TABLES) {
        copy(table, from, to);
      }
      to.commit();
    } catch (SQLException | RuntimeException e) {
      to.rollback();
      throw e;
    } finally {
      to.setAutoCommit(true);
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
      List<String> columns = columns(rows);
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

  private static List<String> columns(ResultSet rows) throws SQLException {
    List<String> columns = new ArrayList<>();
    for (int column = 1; column <= rows.getMetaData().getColumnCount(); column++) {
      columns.add(rows.getMetaData().getColumnName(column));
    }
    return columns;
  }

  /** The next row gets a number that no row has, before or after the exchange. */
  private static void numberOn(Connection from, Connection to) throws SQLException {
    for (String table : Schema.NUMBERED) {
      long next = 1 + Math.max(lastNumber(table, from), lastNumber(table, to));
      try (Statement statement = to.createStatement()) {
        statement.execute("alter table %s alter column id restart with %d".formatted(table, next));
      }
    }
  }

  private static long lastNumber(String table, Connection in) throws SQLException {
    try (Statement statement = in.createStatement();
        ResultSet last = statement.executeQuery("select coalesce(max(id), 0) from " + table)) {
      last.next();
      return last.getLong(1);
    }
  }

  private static MissingException missing() {
    return new MissingException("copy");
  }
}
