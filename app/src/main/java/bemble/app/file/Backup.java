package bemble.app.file;

import bemble.app.http.Sentences;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Enumeration;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.util.FileSystemUtils;

/** A data file as a zip and back, while Bemble does not run. */
public final class Backup {
  private Backup() {}

  /** Writes a data file into a zip. */
  public static void write(DataFile file, Path zip) {
    if (!Files.exists(file.path())) {
      throw new UnusableFileException("missing", file.path());
    }
    file.check(Schema.newest());
    try (Connection connection =
            DriverManager.getConnection(
                "jdbc:h2:file:" + file.base().toAbsolutePath() + ";IFEXISTS=TRUE", "sa", "");
        Statement statement = connection.createStatement()) {
      file.open();
      statement.execute("backup to '" + zip.toAbsolutePath().toString().replace("'", "''") + "'");
    } catch (SQLException e) {
      throw new UnusableFileException("no-backup", zip);
    }
    file.close();
  }

  /**
   * Puts what a zip holds in the place of a data file, once it is known to be good; what was there
   * is kept among the copies.
   *
   * @return what was done, in a sentence
   */
  public static String read(DataFile file, Path zip) {
    Path folder = file.path().toAbsolutePath().getParent();
    try {
      Files.createDirectories(folder);
      Path fresh = Files.createTempDirectory(folder, "restoring");
      try {
        DataFile restored = new DataFile(fresh.resolve("bemble"));
        unpack(zip, restored.path());
        restored.check(Schema.newest());
        return replace(file, restored.path(), zip);
      } finally {
        FileSystemUtils.deleteRecursively(fresh);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String replace(DataFile file, Path by, Path zip) throws IOException {
    boolean replaces = Files.exists(file.path());
    Path before = file.copies().resolve("before-" + System.currentTimeMillis() + ".mv.db");
    if (replaces) {
      refuseWhileOpen(file);
      Files.createDirectories(file.copies());
      Files.copy(file.path(), before);
    }
    file.open();
    Files.move(by, file.path(), StandardCopyOption.REPLACE_EXISTING);
    file.close();
    return replaces
        ? Sentences.of("file.restored", file.path(), zip, before)
        : Sentences.of("file.restored-anew", file.path(), zip);
  }

  /** A damaged file may be replaced, but none that another Bemble is writing on. */
  private static void refuseWhileOpen(DataFile file) throws IOException {
    try (var channel = FileChannel.open(file.path(), StandardOpenOption.WRITE);
        var lock = channel.tryLock()) {
      if (lock == null) {
        throw new UnusableFileException("locked", file.path());
      }
    } catch (OverlappingFileLockException e) {
      throw new UnusableFileException("locked", file.path());
    }
  }

  /** Writes the data file that a zip holds to a place. */
  static void unpack(Path zip, Path to) throws IOException {
    try (ZipFile packed = new ZipFile(zip.toFile())) {
      Enumeration<? extends ZipEntry> entries = packed.entries();
      while (entries.hasMoreElements()) {
        ZipEntry entry = entries.nextElement();
        if (entry.getName().endsWith(".mv.db")) {
          try (InputStream in = packed.getInputStream(entry)) {
            Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
          }
          return;
        }
      }
    } catch (ZipException | NoSuchFileException e) {
      throw new UnusableFileException("no-backup-file", zip);
    }
    throw new UnusableFileException("no-backup-file", zip);
  }
}
