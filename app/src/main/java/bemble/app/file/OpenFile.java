package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicLong;
import org.h2.api.ErrorCode;
import org.h2.engine.Database;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.RandomAccessStore;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The data file while it is open. Transactions are written at {@link #flush} only, so that one
 * flush carries the changes of several.
 */
final class OpenFile implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(OpenFile.class);

  /** Neither at each commit nor by a thread of the database: only when it is flushed. */
  private static final int ONLY_WHEN_FLUSHED = -1;

  private static final String USER = "sa";

  /** The size in bytes up to which a file is not tidied. */
  private static final long SMALL = 4L << 20;

  /** The share of the file that is needed, at least. */
  private static final double LEAST_NEEDED = 0.5;

  /** How much is moved at once, in bytes. */
  private static final int PART = 2 << 20;

  /** The percentage of a part of the file from which on it is left where it is. */
  private static final int FULL = 90;

  private static final int WHOLLY_FULL = 100;

  /** Each round leaves a little of the one before; nothing older stays after a few. */
  private static final int ROUNDS = 4;

  private static final int ALL = Integer.MAX_VALUE;

  private final DataFile file;
  private final AtomicLong asked = new AtomicLong();
  private final Object flushing = new Object();

  /** The number of the last request that is on the disk; guarded by {@code flushing}. */
  private long flushed;

  private final Runnable reopened;

  /** Holds the database open; guarded by {@code flushing}. */
  private @Nullable Connection connection;

  private volatile MVStore store;

  /**
   * Opens a file.
   *
   * @param reopened told when the file had to be opened again: changes that were not on the disk
   *     are lost
   */
  @SuppressWarnings("NullAway.Init")
  OpenFile(DataFile file, Runnable reopened) {
    this.file = file;
    this.reopened = reopened;
    file.open();
    try {
      open();
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private void open() throws SQLException {
    connection = file.connect();
    store = storeOf(connection);
    store.setAutoCommitDelay(ONLY_WHEN_FLUSHED);
    // Nobody needs the blocks that a flush has replaced, once it is on the disk.
    store.setRetentionTime(0);
    try {
      Folders.ownFile(file.path());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Database databaseOf(Connection connection) throws SQLException {
    SessionLocal session = (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
    return session.getDatabase();
  }

  private static MVStore storeOf(Connection connection) throws SQLException {
    return databaseOf(connection).getStore().getMvStore();
  }

  /** The version of the store that a connection sees. */
  static long versionOf(Connection connection) throws SQLException {
    return storeOf(connection).getCurrentVersion();
  }

  /**
   * Brings everything that was committed before this call to the disk, so that it survives a loss
   * of power. Callers that come during a flush share the next one.
   */
  void flush() {
    long mine = asked.incrementAndGet();
    synchronized (flushing) {
      if (flushed < mine) {
        long upTo = asked.get();
        write();
        flushed = upTo;
      }
    }
  }

  private void write() {
    long version = store.commit();
    store.sync();
    if (version > 0) {
      try {
        file.seal().note(version);
      } catch (IOException e) {
        // An older note asks less of the file.
        LOG.warn("The seal of {} could not be renewed: {}", file.path(), e.getMessage());
      }
    }
  }

  /** Whether the database has given up, as it does when it cannot write. */
  boolean isBroken() {
    return store.isClosed();
  }

  /** Opens the file again if the database has given up; otherwise does nothing. */
  void reopenIfBroken() throws SQLException {
    synchronized (flushing) {
      if (isBroken()) {
        LOG.warn("{} is opened again", file.path());
        if (connection != null) {
          databaseOf(connection).shutdownImmediately();
          connection = null;
        }
        open();
        reopened.run();
      }
    }
  }

  /** A connection of one's own, refused while the database has given up. */
  Connection connect() throws SQLException {
    synchronized (flushing) {
      if (isBroken()) {
        throw new SQLException(String.valueOf(store.getPanicException()));
      }
      return DriverManager.getConnection(file.url(), USER, "");
    }
  }

  /**
   * Moves a part of the scattered data together, if more than half of the file is unused. A flush
   * waits no longer than one part takes.
   *
   * @return whether a part was moved
   */
  boolean tidy() {
    synchronized (flushing) {
      if (isBroken() || !(store.getFileStore() instanceof RandomAccessStore parts)) {
        return false;
      }
      double needed = parts.getFillRate() / 100.0 * parts.getChunksFillRate() / 100.0;
      if (parts.size() < SMALL || needed > LEAST_NEEDED) {
        return false;
      }
      store.compact(FULL, PART);
      write();
      parts.compactMoveChunks(FULL, PART, store);
      return true;
    }
  }

  /**
   * Writes everything anew that lies beside deleted rows, and fills the free room, so that nothing
   * of them is left in the file.
   */
  void forget() {
    synchronized (flushing) {
      if (!isBroken() && store.getFileStore() instanceof RandomAccessStore parts) {
        write();
        for (int round = 0; round < ROUNDS && store.compact(WHOLLY_FULL, ALL); round++) {
          write();
        }
        parts.compactMoveChunks(WHOLLY_FULL, ALL, store);
        write();
      }
    }
  }

  /** How often writes were brought to the disk. */
  long flushes() {
    return asked.get();
  }

  /** Packs the file and seals it. Where it cannot be packed, it stays as it is, without a seal. */
  @Override
  public void close() {
    boolean closed = false;
    try (Statement statement = Objects.requireNonNull(connection).createStatement()) {
      statement.execute("shutdown compact");
    } catch (SQLException e) {
      // The database closes the connection on which it was told to stop.
      closed = e.getErrorCode() == ErrorCode.DATABASE_IS_CLOSED;
      if (!closed) {
        LOG.warn("{} could not be packed: {}", file.path(), e.getMessage());
      }
    }
    if (closed || store.isClosed()) {
      file.close();
    }
  }
}
