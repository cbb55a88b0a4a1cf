package bemble.app.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.h2.api.ErrorCode;

/**
 * The file in which everything is kept. A seal beside it, written at a clean stop, tells its size
 * and a digest; while the file is open, and after a killed process, there is no seal.
 *
 * @param base the path of the file without its ending
 */
public record DataFile(Path base) {
  private static final String ENDING = ".mv.db";

  /** What the file must hold to be Bemble's. */
  private static final List<String> TABLES = List.of("page", "school_class");

  /** The file itself. */
  public Path path() {
    return base.resolveSibling(base.getFileName() + ENDING);
  }

  Path seal() {
    return base.resolveSibling(base.getFileName() + ".seal");
  }

  /** Where the copies of it lie. */
  Path copies() {
    return base.resolveSibling(base.getFileName() + "-copies");
  }

  /**
   * Looks at the file without writing on it.
   *
   * @param newest the newest version of the schema that this Bemble knows
   * @throws UnusableFileException where it is damaged, of another program or of a newer Bemble, or
   *     where another Bemble has it open
   */
  void check(int newest) {
    if (!Files.exists(path())) {
      return;
    }
    if (!Files.isWritable(path())) {
      throw new UnusableFileException("not-writable", path());
    }
    String seal = readSeal();
    if (seal != null && !seal.equals(sealOf())) {
      throw damaged();
    }
    int version = version();
    if (version > newest) {
      throw new UnusableFileException("newer", path());
    }
  }

  private int version() {
    String url = "jdbc:h2:file:" + base.toAbsolutePath() + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement statement = connection.createStatement()) {
      int version =
          number(statement, "select max(cast(\"version\" as int)) from \"flyway_schema_history\"");
      for (String table : TABLES) {
        if (version > TABLES.indexOf(table)) {
          number(statement, "select count(*) from " + table);
        }
      }
      return version;
    } catch (SQLException e) {
      switch (e.getErrorCode()) {
        case ErrorCode.DATABASE_ALREADY_OPEN_1 -> throw new UnusableFileException("locked", path());
        case ErrorCode.TABLE_OR_VIEW_NOT_FOUND_1,
            ErrorCode.TABLE_OR_VIEW_NOT_FOUND_DATABASE_EMPTY_1,
            ErrorCode.TABLE_OR_VIEW_NOT_FOUND_WITH_CANDIDATES_2 ->
            throw new UnusableFileException("foreign", path());
        default -> throw damaged();
      }
    } catch (RuntimeException e) {
      throw damaged();
    }
  }

  private static int number(Statement statement, String sql) throws SQLException {
    try (ResultSet result = statement.executeQuery(sql)) {
      result.next();
      return result.getInt(1);
    }
  }

  private UnusableFileException damaged() {
    Optional<Path> copy = new Copies(copies()).newest();
    return copy.isPresent()
        ? new UnusableFileException("damaged", path(), copy.get())
        : new UnusableFileException("damaged-no-copy", path());
  }

  private String readSeal() {
    try {
      return Files.exists(seal()) ? Files.readString(seal()).strip() : null;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Seals the file as it lies there, at a clean stop. */
  void close() {
    try {
      if (Files.exists(path())) {
        Files.writeString(seal(), sealOf() + "\n");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Breaks the seal: from now on the file may be written on. */
  void open() {
    try {
      Files.deleteIfExists(seal());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String sealOf() {
    try (InputStream in = Files.newInputStream(path());
        DigestInputStream digested =
            new DigestInputStream(in, MessageDigest.getInstance("SHA-256"))) {
      long size = digested.transferTo(OutputStream.nullOutputStream());
      return size + " " + HexFormat.of().formatHex(digested.getMessageDigest().digest());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
