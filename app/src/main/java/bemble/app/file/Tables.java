package bemble.app.file;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** The tables of a database of Bemble, as it describes them itself. */
final class Tables {
  /** The table of Flyway, which is not among the tables of Bemble. */
  private static final String HISTORY = "flyway_schema_history";

  private static final String NAMES =
      "select lower(table_name), null from information_schema.tables"
          + " where table_schema = 'PUBLIC' and table_type = 'BASE TABLE' and table_name <> '"
          + HISTORY
          + "'";
  private static final String REFERENCES =
      """
      select lower(own.table_name), lower(other.table_name)
      from information_schema.referential_constraints reference
      join information_schema.table_constraints own
        on own.constraint_name = reference.constraint_name
      join information_schema.table_constraints other
        on other.constraint_name = reference.unique_constraint_name
      where own.table_name <> other.table_name
      """;
  private static final String NUMBERED =
      "select lower(table_name), identity_base from information_schema.columns"
          + " where table_schema = 'PUBLIC' and is_identity = 'YES'";

  private Tables() {}

  /** The names of all tables. Each comes after those that it refers to. */
  static List<String> inOrder(Connection database) throws SQLException {
    Map<String, Set<String>> needs = new HashMap<>();
    read(database, REFERENCES)
        .forEach(row -> needs.computeIfAbsent(row[0], any -> new TreeSet<>()).add(row[1]));
    Set<String> left = new TreeSet<>();
    read(database, NAMES).forEach(row -> left.add(row[0]));
    List<String> order = new ArrayList<>();
    while (!left.isEmpty()) {
      List<String> next =
          left.stream()
              .filter(each -> order.containsAll(needs.getOrDefault(each, Set.of())))
              .toList();
      if (next.isEmpty()) {
        throw new IllegalStateException("These tables refer to one another: " + left);
      }
      order.addAll(next);
      next.forEach(left::remove);
    }
    return order;
  }

  /** The tables whose rows the database numbers, with the number of the next row of each. */
  static Map<String, Long> nextNumbers(Connection database) throws SQLException {
    Map<String, Long> next = new HashMap<>();
    read(database, NUMBERED).forEach(row -> next.put(row[0], Long.parseLong(row[1])));
    return next;
  }

  /** The columns of the rows of a query, in their order. */
  static List<String> columns(ResultSet rows) throws SQLException {
    List<String> columns = new ArrayList<>();
    for (int column = 1; column <= rows.getMetaData().getColumnCount(); column++) {
      columns.add(rows.getMetaData().getColumnName(column).toLowerCase(Locale.ROOT));
    }
    return columns;
  }

  /** Has the next row of a table numbered so. */
  static void numberOn(String table, long next, Connection database) throws SQLException {
    try (Statement statement = database.createStatement()) {
      statement.execute("alter table %s alter column id restart with %d".formatted(table, next));
    }
  }

  /** The greatest number of a row of a table; 0 where there is none. */
  static long lastNumber(String table, Connection database) throws SQLException {
    return Long.parseLong(
        read(database, "select coalesce(max(id), 0), null from " + table).get(0)[0]);
  }

  /** Deletes all rows of all tables. */
  static void clear(Connection database) throws SQLException {
    List<String> lastFirst = inOrder(database);
    Collections.reverse(lastFirst);
    try (Statement statement = database.createStatement()) {
      for (String table : lastFirst) {
        statement.execute("delete from " + table);
      }
    }
  }

  /** Reads every row of every table, so that an unreadable one is found; gives their numbers. */
  static Map<String, Long> rows(Connection database) throws SQLException {
    Map<String, Long> rows = new TreeMap<>();
    for (String table : inOrder(database)) {
      rows.put(table, readAll(table, database));
    }
    return rows;
  }

  private static long readAll(String table, Connection database) throws SQLException {
    try (Statement statement = database.createStatement();
        ResultSet rows = statement.executeQuery("select * from " + table)) {
      int columns = rows.getMetaData().getColumnCount();
      long count = 0;
      for (; rows.next(); count++) {
        for (int column = 1; column <= columns; column++) {
          rows.getString(column);
        }
      }
      return count;
    }
  }

  private static List<String[]> read(Connection database, String select) throws SQLException {
    List<String[]> read = new ArrayList<>();
    try (Statement statement = database.createStatement();
        ResultSet rows = statement.executeQuery(select)) {
      while (rows.next()) {
        read.add(new String[] {rows.getString(1), rows.getString(2)});
      }
    }
    return read;
  }
}
