package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.util.FileSystemUtils;

/** Folders beside a data file for packing and unpacking; they are deleted afterwards. */
final class WorkFolder {
  private static final String NAME = "-restoring-";

  private WorkFolder() {}

  /** Work that needs a folder. */
  interface Use<T extends @Nullable Object, E extends Exception> {
    T of(Path folder) throws IOException, E;
  }

  static <T extends @Nullable Object, E extends Exception> T use(DataFile file, Use<T, E> use)
      throws E {
    try {
      Path folder = Files.createTempDirectory(file.folder(), prefix(file));
      try {
        return use.of(folder);
      } finally {
        FileSystemUtils.deleteRecursively(folder);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Removes the leavings of a killed process. */
  static void clean(DataFile file) throws IOException {
    try (DirectoryStream<Path> left = Files.newDirectoryStream(file.folder())) {
      for (Path each : left) {
        if (each.getFileName().toString().startsWith(prefix(file))) {
          FileSystemUtils.deleteRecursively(each);
        }
      }
    }
  }

  private static String prefix(DataFile file) {
    return file.base().getFileName() + NAME;
  }
}
