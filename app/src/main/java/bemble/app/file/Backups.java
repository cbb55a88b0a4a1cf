package bemble.app.file;

import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * Makes backups and brings them back while Bemble runs. The rows are exchanged in one transaction,
 * so that a crash changes nothing. The old data is copied before, and nobody writes between the
 * copy and the exchange.
 */
@Component
public class Backups {
  private final DataFile file;
  private final DataSource source;
  private final Copier copier;
  private final OpenFile open;
  private final DiskSpace room;
  private final Gate gate;
  private final Replacement replacement;
  private final DeletedSince deleted;

  Backups(
      DataFile file,
      DataSource source,
      Copier copier,
      OpenFile open,
      DiskSpace room,
      Gate gate,
      Replacement replacement,
      DeletedSince deleted) {
    this.file = file;
    this.source = source;
    this.copier = copier;
    this.open = open;
    this.room = room;
    this.gate = gate;
    this.replacement = replacement;
    this.deleted = deleted;
  }

  /** The copies that Bemble has made by itself, the one made last first. */
  List<CopyView> list() {
    return new Copies(file.copies()).all().stream().map(CopyView::of).toList();
  }

  /** A receiver of a backup. */
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
          return zip;
        });
  }

  /** The contents of the copy of a name. */
  LookView look(String name) {
    return look(copy(name));
  }

  /** The contents of a zip of some bytes. */
  LookView look(InputStream zip, long bytes) {
    return sent(zip, bytes, this::look);
  }

  /** Brings back the copy of that name. */
  CopyView restore(String name, boolean forget) {
    return restore(copy(name), forget);
  }

  /**
   * Brings back the data in a zip of some bytes.
   *
   * @param forget whether pupils who were deleted since are deleted again
   * @return the copy of the data before
   */
  CopyView restore(InputStream zip, long bytes, boolean forget) {
    return sent(zip, bytes, path -> restore(path, forget));
  }

  private Path copy(String name) {
    return new Copies(file.copies()).find(name).orElseThrow(Backups::missing).path();
  }

  private <T> T sent(InputStream zip, long bytes, Function<Path, T> use) {
    room.refuseIfLess(bytes);
    return WorkFolder.use(
        file,
        work -> {
          Path sent = work.resolve("sent.zip");
          Files.copy(zip, sent);
          return use.apply(sent);
        });
  }

  private LookView look(Path zip) {
    return WorkFolder.use(
        file,
        work -> {
          try (Connection from = unpacked(zip, work);
              Connection now = source.getConnection()) {
            return new LookView(
                BackupFile.madeAt(zip).orElse(null),
                held(from),
                held(now),
                List.copyOf(deleted.in(from).values()));
          } catch (SQLException e) {
            throw new IllegalStateException(e);
          }
        });
  }

  private static LookView.Held held(Connection in) throws SQLException {
    return new LookView.Held(
        count("school_class where deleted_at is null", in),
        count("pupil", in),
        count("work where handout_id is not null", in),
        count("page where deleted_at is null", in)
            + count("work where begun_at is not null and deleted_at is null", in),
        count("lesson where deleted_at is null", in));
  }

  private static long count(String rows, Connection in) throws SQLException {
    return number("select count(*) from " + rows, in);
  }

  private static long number(String select, Connection in) throws SQLException {
    try (Statement statement = in.createStatement();
        ResultSet result = statement.executeQuery(select)) {
      result.next();
      return result.getLong(1);
    }
  }

  private CopyView restore(Path zip, boolean forget) {
    CopyView before =
        WorkFolder.use(
            file,
            work -> {
              try (Connection from = unpacked(zip, work)) {
                return gate.alone(() -> exchange(from, forget));
              } catch (SQLException e) {
                throw new IllegalStateException(e);
              }
            });
    if (forget) {
      open.forget();
    }
    return before;
  }

  /** Takes all pupils who were deleted since out of the copies. */
  ForgottenView forget() {
    int copies = 0;
    int pupils = 0;
    for (Copies.Copy copy : new Copies(file.copies()).all()) {
      int erased = WorkFolder.use(file, work -> eraseIn(copy, work));
      copies += erased > 0 ? 1 : 0;
      pupils = Math.max(pupils, erased);
    }
    return new ForgottenView(copies, pupils);
  }

  private int eraseIn(Copies.Copy copy, Path work) throws IOException {
    try (Connection in = unpacked(copy.path(), work)) {
      int erased = deleted.eraseIn(in);
      if (erased > 0) {
        Path half = work.resolve("half.zip");
        BackupFile.write(in, copy.moment(), half);
        Files.move(half, copy.path(), StandardCopyOption.REPLACE_EXISTING);
      }
      return erased;
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The data of a backup in a file of its own, with the tables of this Bemble. */
  private Connection unpacked(Path zip, Path work) throws IOException {
    try {
      return BackupFile.unpack(zip, new DataFile(work.resolve("bemble")), room);
    } catch (UnusableFileException e) {
      throw e.isNewer() ? RefusedException.of("newer-backup") : RefusedException.of("no-backup");
    }
  }

  private CopyView exchange(Connection from, boolean forget) {
    Path before = copier.copyBefore();
    try (Connection to = source.getConnection()) {
      if (forget) {
        deleted.eraseIn(from);
      }
      exchange(from, to);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    open.flush();
    replacement.tell();
    return CopyView.of(
        new Copies(file.copies())
            .find(before.getFileName().toString())
            .orElseThrow(Backups::missing));
  }

  private static void exchange(Connection from, Connection to) throws SQLException {
    numberOn(from, to);
    to.setAutoCommit(false);
    try {
      Tables.clear(to);
      for (String table : Tables.inOrder(to)) {
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

  /** Copies all rows of a table with their numbers. Rows that others refer to come first. */
  private static void copy(String table, Connection from, Connection to) throws SQLException {
    try (Statement reading = from.createStatement();
        ResultSet rows = reading.executeQuery("select * from " + table + " order by 1")) {
      List<String> columns = Tables.columns(rows);
      String insert = BackupRows.insert(table, columns);
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

  /** The next row gets a number that no row has, before or after the exchange. */
  private static void numberOn(Connection from, Connection to) throws SQLException {
    Map<String, Long> now = Tables.nextNumbers(to);
    for (Map.Entry<String, Long> then : Tables.nextNumbers(from).entrySet()) {
      String table = then.getKey();
      Tables.numberOn(table, Math.max(then.getValue(), now.getOrDefault(table, 1L)), to);
    }
  }

  private static MissingException missing() {
    return new MissingException("copy");
  }
}
