package bemble.app.file;

import bemble.app.words.Sentences;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.LocalDateTime;

/** A data file as a zip and back, while Bemble does not run. */
public final class Backup {
  private Backup() {}

  /** Writes a data file into a zip. */
  public static void write(DataFile file, Path zip) {
    if (!Files.exists(file.path())) {
      throw new UnusableFileException("missing", "file", file.path());
    }
    file.check();
    file.read(
        connection -> {
          try {
            BackupFile.write(connection, LocalDateTime.now(), zip.toAbsolutePath());
          } catch (IOException e) {
            throw new UnusableFileException("no-backup", "file", zip);
          }
          return zip;
        });
  }

  /**
   * Replaces a data file by the one in a zip, once that is known to be good. The old file is kept
   * among the copies.
   *
   * @return the result, in a sentence
   */
  public static String read(DataFile file, Path zip) {
    if (!Files.isRegularFile(zip)) {
      throw new UnusableFileException("no-backup-file", "file", zip);
    }
    try {
      Folders.make(file.folder());
    } catch (IOException e) {
      throw new UnusableFileException("no-folder", "folder", file.folder());
    }
    return WorkFolder.use(
        file,
        work -> {
          DataFile restored = new DataFile(work.resolve("bemble"));
          restored.pack(BackupFile.unpack(zip, restored, new DiskSpace(file.folder())));
          return replace(file, restored.path(), zip);
        });
  }

  private static String replace(DataFile file, Path by, Path zip) throws IOException {
    boolean replaces = Files.exists(file.path());
    Path before = file.copies().resolve("before-" + System.currentTimeMillis() + ".mv.db");
    if (replaces) {
      refuseWhileOpen(file);
      Folders.make(file.copies());
      Files.copy(file.path(), before);
      Folders.ownFile(before);
    }
    // A process that is killed here leaves a seal that does not fit: the next start says so.
    Files.move(by, file.path(), StandardCopyOption.REPLACE_EXISTING);
    file.close();
    return replaces
        ? Sentences.of("file.restored", "file", file.path(), "backup", zip, "before", before)
        : Sentences.of("file.restored-anew", "file", file.path(), "backup", zip);
  }

  /** A damaged file may be replaced, but none that another Bemble is writing on. */
  private static void refuseWhileOpen(DataFile file) throws IOException {
    try (var channel = FileChannel.open(file.path(), StandardOpenOption.WRITE);
        var lock = channel.tryLock()) {
      if (lock == null) {
        throw new UnusableFileException("locked", "file", file.path());
      }
    } catch (OverlappingFileLockException e) {
      throw new UnusableFileException("locked", "file", file.path());
    }
  }
}
