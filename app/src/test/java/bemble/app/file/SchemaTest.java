package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Set;
import java.util.TreeSet;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A backup brings back everything that the schema has. */
class SchemaTest {
  private static final String URL = "jdbc:h2:mem:schema;DB_CLOSE_DELAY=-1";

  private static Set<String> found(String sql) throws SQLException {
    Flyway.configure().dataSource(URL, "sa", "").load().migrate();
    Set<String> names = new TreeSet<>();
    try (Connection connection = DriverManager.getConnection(URL, "sa", "");
        ResultSet rows = connection.createStatement().executeQuery(sql)) {
      while (rows.next()) {
        names.add(rows.getString(1).toLowerCase(java.util.Locale.ROOT));
      }
    }
    return names;
  }

  @Test
  void namesEveryTable() throws SQLException {
    Set<String> tables =
        found(
            "select table_name from information_schema.tables"
                + " where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'");
    tables.remove("flyway_schema_history");
    assertEquals(new TreeSet<>(Schema.TABLES), tables);
  }

  @Test
  void namesEveryTableThatNumbersItsRows() throws SQLException {
    String numbered =
        "select table_name from information_schema.columns where is_identity = 'YES'"
            + " and table_schema = 'PUBLIC'";
    assertEquals(new TreeSet<>(Schema.NUMBERED), found(numbered));
  }
}
