package bemble.app.file;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.stream.Stream;

/** Folders and files that only their owner may read. */
final class Folders {
  private Folders() {}

  /** Makes a folder, and those above it, for its owner alone. An existing folder stays as it is. */
  static void make(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      Files.createDirectories(folder);
      own(folder, "rwx------");
    }
  }

  /** Takes a folder from everybody but its owner if nothing is in it that is not Bemble's. */
  static void ownIfAlone(Path folder, String prefix) throws IOException {
    try (Stream<Path> inside = Files.list(folder)) {
      if (inside.allMatch(each -> each.getFileName().toString().startsWith(prefix))) {
        own(folder, "rwx------");
      }
    }
  }

  /** Takes a file from everybody but its owner. */
  static void ownFile(Path file) throws IOException {
    own(file, "rw-------");
  }

  private static void own(Path path, String permissions) throws IOException {
    PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
    if (view != null) {
      view.setPermissions(PosixFilePermissions.fromString(permissions));
    }
  }

  /** Brings a change of the names in a folder to the disk, where the system lets a folder be. */
  static void force(Path folder) throws IOException {
    if (Files.getFileAttributeView(folder, PosixFileAttributeView.class) != null) {
      try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
        channel.force(true);
      }
    }
  }
}
