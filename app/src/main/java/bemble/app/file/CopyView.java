package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.time.LocalDateTime;

/**
 * A dated copy of all data.
 *
 * @param name by which it can be brought back
 * @param at when it was made, in the time of this machine
 * @param bytes its size
 * @param before whether it was made just before a restore, or before a newer Bemble took over
 */
record CopyView(String name, LocalDateTime at, long bytes, boolean before) {
  static CopyView of(Copies.Copy copy) {
    try {
      return new CopyView(copy.name(), copy.moment(), Files.size(copy.path()), copy.before());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
