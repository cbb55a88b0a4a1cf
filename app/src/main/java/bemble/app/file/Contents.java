package bemble.app.file;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The contents of a data file.
 *
 * @param schema the version of its tables
 * @param rows how many rows each table has
 */
record Contents(int schema, Map<String, Long> rows) {
  /** The state of the tables of a file, as seen before Bemble opens it. */
  enum Tables {
    OWN,
    /** A newer Bemble has changed them. */
    NEWER,
    /** Some of them are missing. */
    INCOMPLETE,
    /** The tables have a history that this Bemble does not know. */
    OTHER
  }

  /** The version of the tables. */
  static int schema(Connection file) throws SQLException {
    try (Statement statement = file.createStatement();
        ResultSet result =
            statement.executeQuery(
                "select max(cast(\"version\" as int)) from \"flyway_schema_history\"")) {
      result.next();
      return result.getInt(1);
    }
  }

  /** Whether there are no tables yet. */
  static boolean isEmpty(Connection file) throws SQLException {
    try (Statement statement = file.createStatement()) {
      return names(statement).isEmpty();
    }
  }

  /** Looks at the tables without reading them. */
  static Tables tables(Connection file) throws SQLException {
    int schema = schema(file);
    if (schema > Schema.newest()) {
      return Tables.NEWER;
    }
    try (Statement statement = file.createStatement()) {
      Set<String> there = names(statement);
      if (!there.containsAll(Schema.tablesOf(schema))
          || Schema.hasView(schema) && !there.contains(Schema.VIEW)) {
        return Tables.INCOMPLETE;
      }
      return Schema.isOwnHistory(statement, schema) ? Tables.OWN : Tables.OTHER;
    }
  }

  private static Set<String> names(Statement statement) throws SQLException {
    Set<String> names = new TreeSet<>();
    try (ResultSet result =
        statement.executeQuery(
            "select lower(table_name) from information_schema.tables"
                + " where table_schema = 'PUBLIC'")) {
      while (result.next()) {
        names.add(result.getString(1));
      }
    }
    return names;
  }

  /**
   * Reads every row of every table, so that an unreadable one is found now.
   *
   * @throws SQLException if a row cannot be read
   */
  static Contents read(Connection file) throws SQLException {
    int schema = schema(file);
    Map<String, Long> rows = new LinkedHashMap<>();
    try (Statement statement = file.createStatement()) {
      for (String table : Schema.tablesOf(schema)) {
        rows.put(table, readAll(statement, table));
      }
    }
    return new Contents(schema, rows);
  }

  private static long readAll(Statement statement, String table) throws SQLException {
    try (ResultSet result = statement.executeQuery("select * from " + table)) {
      int columns = result.getMetaData().getColumnCount();
      long count = 0;
      while (result.next()) {
        for (int column = 1; column <= columns; column++) {
          result.getObject(column);
        }
        count++;
      }
      return count;
    }
  }

  /** How many rows there are of a table; 0 where the file is older than the table. */
  long of(String table) {
    return rows.getOrDefault(table, 0L);
  }
}
