package bemble.app.file;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.sql.DataSource;

/** Gives tests of other packages Bemble's look at a data file before it is opened. */
public final class Look {
  private Look() {}

  /** Whether the file would be opened. */
  public static boolean isTaken(Path base) {
    try {
      new DataFile(base).check();
      return true;
    } catch (UnusableFileException e) {
      return false;
    }
  }

  /** Whether a backup would be brought back; it is unpacked beside the data file of that base. */
  public static boolean isBackup(Path base, Path zip) {
    try {
      Backup.read(new DataFile(base), zip);
      return true;
    } catch (UnusableFileException e) {
      return false;
    }
  }

  /** All rows of all tables, as text. */
  public static Map<String, List<String>> rows(DataSource source) {
    try (Connection connection = source.getConnection()) {
      return rows(connection);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The same of a closed data file. */
  public static Map<String, List<String>> rows(Path base) {
    return new DataFile(base).read(Look::rows);
  }

  static Map<String, List<String>> rows(Connection connection) throws SQLException {
    Map<String, List<String>> all = new TreeMap<>();
    for (String table : Tables.inOrder(connection)) {
      try (Statement statement = connection.createStatement();
          ResultSet rows = statement.executeQuery("select * from " + table)) {
        List<String> texts = new ArrayList<>();
        while (rows.next()) {
          List<String> row = new ArrayList<>();
          for (int column = 1; column <= rows.getMetaData().getColumnCount(); column++) {
            row.add(rows.getString(column));
          }
          texts.add(row.toString());
        }
        all.put(table, texts.stream().sorted().toList());
      }
    }
    return all;
  }
}
