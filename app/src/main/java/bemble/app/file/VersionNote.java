package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * A line in a file beside the data file: the version of Bemble that had it open last.
 *
 * @param path where it lies
 */
record VersionNote(Path path) {
  /** Whether that version was the last. */
  boolean names(String version) {
    try {
      return Files.exists(path) && Files.readString(path).strip().equals(version);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Notes the version that opens the data file now. */
  void write(String version) {
    try {
      Files.writeString(path, version + "\n");
      Folders.ownFile(path);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
