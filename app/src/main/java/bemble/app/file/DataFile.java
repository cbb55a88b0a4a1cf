package bemble.app.file;

import bemble.app.words.Sentences;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.h2.api.ErrorCode;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;

/**
 * The file in which everything is kept, with its {@link Seal} beside it.
 *
 * @param base the path of the file without its ending
 */
public record DataFile(Path base) {
  private static final String ENDING = ".mv.db";
  private static final String USER = "sa";
  private static final Duration LONGEST_WAIT = Duration.ofSeconds(20);
  private static final String READING = ";ACCESS_MODE_DATA=r";

  static {
    NoObjects.everywhere();
  }

  /** The file itself. */
  public Path path() {
    return beside(ENDING);
  }

  Seal seal() {
    return new Seal(beside(".seal"));
  }

  private OpenedChunks chunks() {
    return new OpenedChunks(beside(".chunks"));
  }

  /** Where the Bemble that has it open notes how it is found. */
  public Path note() {
    return beside(".running");
  }

  /** The file that is locked while a Bemble starts. */
  Path starting() {
    return beside(".starting");
  }

  VersionNote version() {
    return new VersionNote(beside(".version"));
  }

  /** A name that tells this file from others on the machine without giving away its path. */
  public String id() {
    String path = path().toAbsolutePath().normalize().toString();
    return UUID.nameUUIDFromBytes(path.getBytes(StandardCharsets.UTF_8)).toString();
  }

  /** The folder of the copies. */
  Path copies() {
    return beside("-copies");
  }

  private Path beside(String ending) {
    return base.resolveSibling(base.getFileName() + ending);
  }

  Path folder() {
    return Objects.requireNonNull(path().toAbsolutePath().getParent());
  }

  /**
   * How the database is told where the file lies. It writes no log and closes when it is told to; a
   * change waits longer for another one than any takes.
   */
  String url() {
    return "jdbc:h2:file:"
        + base.toAbsolutePath()
        + ";TRACE_LEVEL_FILE=0;DB_CLOSE_ON_EXIT=FALSE;LOCK_TIMEOUT="
        + LONGEST_WAIT.toMillis();
  }

  private <T> T connected(String how, Use<T> use) throws SQLException {
    String whole = url() + ";IFEXISTS=TRUE" + how;
    try (Connection connection = DriverManager.getConnection(whole, USER, "")) {
      return use.of(connection);
    }
  }

  /**
   * Opens the file to write on it, once its definitions are known to be Bemble's; a file that is
   * not there is made.
   */
  Connection connect() throws SQLException {
    if (Files.exists(path())) {
      refuseForeign();
    }
    return DriverManager.getConnection(url(), USER, "");
  }

  /** Makes the file, with the tables of a version. */
  Connection make(int schema) throws SQLException {
    return migrated(connect(), String.valueOf(schema));
  }

  /** Brings the tables of a file that was connected to, to the newest version. */
  Connection migrated(Connection open) throws SQLException {
    return migrated(open, "latest");
  }

  private Connection migrated(Connection open, String version) throws SQLException {
    try {
      Flyway.configure().dataSource(url(), USER, "").target(version).load().migrate();
      return open;
    } catch (RuntimeException e) {
      open.close();
      throw e;
    }
  }

  /** Ends the use of a file that was connected to, and packs it. */
  void pack(Connection connection) {
    try (connection;
        Statement statement = connection.createStatement()) {
      statement.execute("shutdown compact");
    } catch (SQLException e) {
      // The database closes the connection on which it was told to stop.
      if (e.getErrorCode() != ErrorCode.DATABASE_IS_CLOSED) {
        throw new UnusableFileException("no-folder", "folder", folder());
      }
    }
  }

  /** Refuses a file before it is opened: the database would run what is defined in it. */
  private void refuseForeign() {
    Definitions found = Definitions.of(path());
    if (found.schema() > Schema.newest()) {
      throw new UnusableFileException("newer", "file", path());
    }
    if (!found.isEmpty() && !Schema.isOwn(found)) {
      throw found.schema() == 0
          ? new UnusableFileException("foreign", "file", path())
          : new UnusableFileException("altered", "file", path(), "way", wayOn());
    }
  }

  /**
   * Reads without writing on the file. The file of a killed process may not open for reading alone,
   * since the database still has to write on it. So a copy is read, if there is room for one.
   */
  private <T> T reading(Use<T> use) throws SQLException {
    boolean closed = seal().read().kind() == Seal.Kind.CLOSED;
    if (!closed) {
      refuseLocked();
    }
    refuseForeign();
    if (closed) {
      return connected(READING, use);
    }
    try {
      return WorkFolder.use(
          this,
          folder -> {
            DataFile copy = new DataFile(folder.resolve("copy"));
            Files.copy(path(), copy.path());
            return copy.connected("", use);
          });
    } catch (UncheckedIOException e) {
      return connected(READING, use);
    }
  }

  private void refuseLocked() {
    try (FileChannel channel = FileChannel.open(path(), StandardOpenOption.WRITE);
        FileLock lock = channel.tryLock()) {
      if (lock == null) {
        throw new UnusableFileException("locked", "file", path());
      }
    } catch (OverlappingFileLockException e) {
      throw new UnusableFileException("locked", "file", path());
    } catch (IOException e) {
      throw new UnusableFileException("damaged", "file", path(), "way", wayOn());
    }
  }

  /**
   * Looks at the file without writing on it.
   *
   * @throws UnusableFileException where it is not as it was left, of another program or of another
   *     Bemble, or where another Bemble has it open
   */
  void check() {
    if (!Files.exists(path())) {
      return;
    }
    if (!Files.isWritable(path())) {
      throw new UnusableFileException("not-writable", "file", path());
    }
    Seal.State left = seal().read();
    refuseBrokenSeal(left);
    withReading(
        connection -> {
          long version = OpenFile.versionOf(connection);
          if (version < left.version()) {
            throw new UnusableFileException("cut", "file", path(), "way", wayOn(), "base", base);
          }
          if (left.kind() == Seal.Kind.OPEN && !hasItsChunks()) {
            throw new UnusableFileException("damaged", "file", path(), "way", wayOn());
          }
          if (left.kind() != Seal.Kind.OPEN || !isEmpty(connection)) {
            refuseOtherHistory(connection);
          }
          return version;
        });
  }

  /** Whether nothing is changed of what was there when the file was opened last. */
  private boolean hasItsChunks() {
    try {
      return chunks().fit(path());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void refuseBrokenSeal(Seal.State left) {
    if (left.kind() == Seal.Kind.UNREADABLE) {
      throw new UnusableFileException(
          "seal-unreadable", "file", path(), "way", wayOn(), "base", base);
    }
    try {
      if (left.kind() == Seal.Kind.CLOSED && !left.line().equals(Seal.lineOf(path()))) {
        throw new UnusableFileException("changed", "file", path(), "way", wayOn(), "base", base);
      }
    } catch (IOException e) {
      throw new UnusableFileException("damaged", "file", path(), "way", wayOn());
    }
  }

  private void refuseOtherHistory(Connection connection) throws SQLException {
    if (!Schema.isOwnHistory(connection)) {
      throw new UnusableFileException("other-history", "file", path());
    }
  }

  /** Whether it has no tables yet: the first start was killed. */
  boolean isEmpty() {
    return withReading(DataFile::isEmpty);
  }

  private static boolean isEmpty(Connection connection) throws SQLException {
    return Tables.inOrder(connection).isEmpty();
  }

  /**
   * Reads all of the file without writing on it; gives the number of rows of each table.
   *
   * @throws UnusableFileException where that cannot be done
   */
  Map<String, Long> rows() {
    return read(Tables::rows);
  }

  /** Reads the file without writing on it, once its tables are known to be Bemble's. */
  <T> T read(Use<T> use) {
    return withReading(
        connection -> {
          refuseOtherHistory(connection);
          return use.of(connection);
        });
  }

  /** Work that needs a connection. */
  interface Use<T> {
    T of(Connection connection) throws SQLException;
  }

  private <T> T withReading(Use<T> use) {
    try {
      return reading(use);
    } catch (SQLException e) {
      switch (e.getErrorCode()) {
        case ErrorCode.DATABASE_ALREADY_OPEN_1 ->
            throw new UnusableFileException("locked", "file", path());
        case ErrorCode.TABLE_OR_VIEW_NOT_FOUND_1,
            ErrorCode.TABLE_OR_VIEW_NOT_FOUND_DATABASE_EMPTY_1,
            ErrorCode.TABLE_OR_VIEW_NOT_FOUND_WITH_CANDIDATES_2 ->
            throw new UnusableFileException("foreign", "file", path());
        default -> throw new UnusableFileException("damaged", "file", path(), "way", wayOn());
      }
    } catch (UnusableFileException e) {
      throw e;
    } catch (StoredRows.ForeignTypesException e) {
      throw new UnusableFileException("altered", "file", path(), "way", wayOn());
    } catch (RuntimeException e) {
      if (e instanceof MVStoreException store
          && store.getErrorCode() == DataUtils.ERROR_FILE_LOCKED) {
        throw new UnusableFileException("locked", "file", path());
      }
      // The database itself trips over some damages.
      throw new UnusableFileException("damaged", "file", path(), "way", wayOn());
    }
  }

  /**
   * A sentence that helps when the file cannot be used: it names the last copy, if there is one.
   */
  private String wayOn() {
    Optional<Copies.Copy> copy = new Copies(copies()).newest();
    return copy.isPresent()
        ? Sentences.of("file.way-on.copy", "copy", copy.get().path(), "base", base)
        : Sentences.of("file.way-on.no-copy");
  }

  /** Accepts a file as it is, if all of it can be read, and seals it anew. */
  public String accept() {
    if (!Files.exists(path())) {
      throw new UnusableFileException("missing", "file", path());
    }
    Map<String, Long> found = rows();
    close();
    return Sentences.of(
        "file.accepted",
        "file",
        path(),
        "classes",
        found.getOrDefault("school_class", 0L),
        "pupils",
        found.getOrDefault("pupil", 0L),
        "entries",
        found.values().stream().mapToLong(Long::longValue).sum());
  }

  /** Seals the file as it lies there, at a clean stop. */
  void close() {
    try {
      if (Files.exists(path())) {
        Folders.ownFile(path());
        seal().close(path());
        chunks().forget();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Breaks the seal: from now on the file may be written on. It holds at least what it does now.
   */
  void open() {
    try {
      chunks().note(path());
      seal().open(Files.exists(path()) ? Definitions.of(path()).store() : 0);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
