package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Backups of every version of the tables, with rows in each table, come back. */
class EarlierBackupTest {
  /** A run that has ended is not paused. */
  private static final String NOT_WITH_ITS_END = "paused_at";

  @TempDir Path folder;

  static IntStream versions() {
    return IntStream.rangeClosed(1, Schema.newest());
  }

  private DataFile file(String name) {
    return new DataFile(folder.resolve(name).resolve("bemble"));
  }

  /** A file of a version, with rows in each of its tables, and the same in both forms of backup. */
  @ParameterizedTest
  @MethodSource("versions")
  void bringsEveryRowBack(int version) throws IOException, SQLException {
    DataFile made = file("made");
    Folders.make(made.folder());
    Path rows = folder.resolve("rows.zip");
    try (Connection connection = made.make(version)) {
      for (String table : Tables.inOrder(connection)) {
        fill(table, connection);
      }
      BackupFile.write(connection, LocalDateTime.of(2026, 3, 2, 12, 0), rows);
    }
    Path dataFile = CraftedFile.backup(made.base(), folder.resolve("file.zip"));
    Map<String, List<String>> expected;
    try (Connection connection = made.migrated(made.connect())) {
      expected = Look.rows(connection);
    }
    for (Path zip : List.of(rows, dataFile)) {
      DataFile read = file("read-" + zip.getFileName());
      Backup.read(read, zip);
      assertEquals(expected, Look.rows(read.base()), zip::toString);
      read.check();
    }
  }

  /** The number of a pupil who was deleted for good is given to nobody else. */
  @Test
  void goesOnCountingWhereTheBackupDid() throws IOException, SQLException {
    DataFile made = file("made");
    Folders.make(made.folder());
    Path zip = folder.resolve("rows.zip");
    try (Connection connection = made.make(Schema.newest())) {
      Tables.numberOn("pupil", 51, connection);
      BackupFile.write(connection, LocalDateTime.of(2026, 3, 2, 12, 0), zip);
    }
    DataFile read = file("read");
    Backup.read(read, zip);
    assertEquals(51, read.read(Tables::nextNumbers).get("pupil"));
  }

  /** Two rows of which the second has all that may be missing. */
  private static void fill(String table, Connection to) throws SQLException {
    try (Statement statement = to.createStatement();
        ResultSet none = statement.executeQuery("select * from " + table + " where false")) {
      ResultSetMetaData of = none.getMetaData();
      List<String> columns = Tables.columns(none);
      for (int row = 1; row <= 2; row++) {
        try (PreparedStatement insert = to.prepareStatement(BackupRows.insert(table, columns))) {
          for (int column = 1; column <= columns.size(); column++) {
            boolean isFree = of.isNullable(column) == ResultSetMetaData.columnNullable;
            String name = columns.get(column - 1);
            boolean left = isFree && (row == 1 || name.equals(NOT_WITH_ITS_END));
            insert.setObject(column, left ? null : value(row, name, column, of));
          }
          insert.executeUpdate();
        } catch (SQLException e) {
          // The first row of the standard class is there already.
          assertTrue(Set.of("school_class").contains(table) && row == 1, () -> table + ": " + e);
        }
      }
    }
  }

  private static Object value(int row, String name, int column, ResultSetMetaData of)
      throws SQLException {
    return switch (of.getColumnType(column)) {
      case Types.BOOLEAN -> row == 2;
      case Types.DATE -> "2026-03-0" + row;
      case Types.TIMESTAMP_WITH_TIMEZONE -> "2026-03-02 12:00:00.12+01:00";
      case Types.BIGINT, Types.INTEGER -> row;
      default ->
          Set.of("title", "note", "name", "explanation").contains(name)
              ? "é, \"2\u2009345\"\n× " + row
              : String.valueOf(row);
    };
  }
}
