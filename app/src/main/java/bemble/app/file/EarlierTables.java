package bemble.app.file;

import java.sql.Connection;
import java.util.List;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;

/** Tables of an earlier version in memory, to be filled and brought to the newest. */
public final class EarlierTables implements AutoCloseable {
  private final JdbcDataSource database = new JdbcDataSource();
  private final JdbcTemplate tables = new JdbcTemplate(database);

  /** Makes them as they were in a version, from 1 to {@link Schema#newest}. */
  public EarlierTables(int schema) {
    database.setURL("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
    migrate(String.valueOf(schema));
  }

  public JdbcTemplate tables() {
    return tables;
  }

  /** Brings them to the newest version with all their rows. */
  public void migrate() {
    migrate("latest");
  }

  private void migrate(String version) {
    Flyway.configure().dataSource(database).target(version).load().migrate();
  }

  /** The tables of a database, each behind those that it refers to. */
  public static List<String> inOrder(JdbcTemplate database) {
    ConnectionCallback<List<String>> order = (Connection open) -> Tables.inOrder(open);
    return List.copyOf(database.execute(order));
  }

  @Override
  public void close() {
    tables.execute("shutdown");
  }
}
