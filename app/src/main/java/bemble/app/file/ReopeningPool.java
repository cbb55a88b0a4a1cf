package bemble.app.file;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import org.springframework.jdbc.datasource.AbstractDataSource;

/**
 * Connections to an open file. Where the database has given up, the file is opened again before
 * anybody asks it.
 */
final class ReopeningPool extends HikariDataSource {
  /** The longest wait for old connections: calls on them fail, and give them back. */
  private static final Duration LONGEST_WAIT = Duration.ofSeconds(3);

  private static final Duration LOOK = Duration.ofMillis(5);

  private final transient OpenFile open;

  ReopeningPool(OpenFile open) {
    this.open = open;
    setDataSource(
        new AbstractDataSource() {
          @Override
          public Connection getConnection() throws SQLException {
            return open.connect();
          }

          @Override
          public Connection getConnection(String user, String password) throws SQLException {
            return open.connect();
          }
        });
  }

  @Override
  public Connection getConnection() throws SQLException {
    if (open.isBroken()) {
      renew();
    }
    return super.getConnection();
  }

  /** A caller with an old connection would close the file again behind the others. */
  private synchronized void renew() throws SQLException {
    if (!open.isBroken()) {
      return;
    }
    HikariPoolMXBean pool = getHikariPoolMXBean();
    pool.softEvictConnections();
    long until = System.nanoTime() + LONGEST_WAIT.toNanos();
    while (pool.getTotalConnections() > 0 && System.nanoTime() < until) {
      LockSupport.parkNanos(LOOK.toNanos());
    }
    open.reopenIfBroken();
  }
}
