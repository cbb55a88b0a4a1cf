package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;

/**
 * A dated copy of all that is kept.
 *
 * @param name by which it can be brought back
 * @param at when it was made, in the time of this machine
 * @param bytes its size
 * @param before whether it holds what another backup has taken the place of
 */
record CopyView(String name, LocalDateTime at, long bytes, boolean before) {
  static CopyView of(Path copy) {
    try {
      return new CopyView(
          copy.getFileName().toString(),
          Copies.momentOf(copy),
          Files.size(copy),
          Copies.isBefore(copy));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
