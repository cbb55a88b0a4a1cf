package bemble.app.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line in a file beside the data file that says how Bemble left it. After a clean stop it holds
 * the size and the SHA-256 of the data file; while the data file is open, and after a killed
 * process, the version of the store that has reached the disk.
 *
 * @param path where it lies
 */
record Seal(Path path) {
  private static final Pattern CLOSED = Pattern.compile("(\\d{1,18}) ([0-9a-f]{64})\n");
  private static final Pattern OPEN = Pattern.compile("open (\\d{18})\n");
  private static final String OPEN_LINE = "open %018d\n";

  /** How the data file was left. */
  enum Kind {
    /** There is no seal. */
    NONE,
    /** The line is empty or torn, so it says nothing. */
    UNREADABLE,
    CLOSED,
    OPEN
  }

  /**
   * The state that the line tells.
   *
   * @param line of a closed file, to be compared with {@link #lineOf}; otherwise empty
   * @param version that an open file has at least; otherwise 0
   */
  record State(Kind kind, String line, long version) {}

  State read() {
    String text;
    try {
      if (!Files.exists(path)) {
        return new State(Kind.NONE, "", 0);
      }
      text = new String(Files.readAllBytes(path), StandardCharsets.ISO_8859_1);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Matcher open = OPEN.matcher(text);
    if (open.matches()) {
      return new State(Kind.OPEN, "", Long.parseLong(open.group(1)));
    }
    return CLOSED.matcher(text).matches()
        ? new State(Kind.CLOSED, text, 0)
        : new State(Kind.UNREADABLE, "", 0);
  }

  /** Seals a data file as it lies there. */
  void close(Path file) throws IOException {
    replace(lineOf(file));
  }

  /**
   * Says that the data file, of a version of the store, may be written on from now on; this is on
   * the disk before it is.
   */
  void open(long version) throws IOException {
    replace(OPEN_LINE.formatted(version));
  }

  private void replace(String line) throws IOException {
    Path fresh = path.resolveSibling(path.getFileName() + ".new");
    try (FileChannel channel =
        FileChannel.open(
            fresh,
            StandardOpenOption.WRITE,
            StandardOpenOption.CREATE,
            StandardOpenOption.TRUNCATE_EXISTING)) {
      channel.write(bytes(line));
      channel.force(true);
    }
    Folders.ownFile(fresh);
    Files.move(fresh, path, StandardCopyOption.ATOMIC_MOVE);
    Folders.force(Objects.requireNonNull(path.toAbsolutePath().getParent()));
  }

  /**
   * Notes the version of the store that is on the disk. The note is written over one of the same
   * length. It need not reach the disk at once: an older one asks less of the file.
   */
  void note(long version) throws IOException {
    try (FileChannel channel = FileChannel.open(path, StandardOpenOption.WRITE)) {
      channel.write(bytes(OPEN_LINE.formatted(version)), 0);
    }
  }

  private static ByteBuffer bytes(String line) {
    return ByteBuffer.wrap(line.getBytes(StandardCharsets.ISO_8859_1));
  }

  /** The line that the seal of a closed file holds about it. */
  static String lineOf(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file);
        DigestInputStream digested = new DigestInputStream(in, Sha256.begin())) {
      long size = digested.transferTo(OutputStream.nullOutputStream());
      return "%d %s\n".formatted(size, Sha256.end(digested.getMessageDigest()));
    }
  }
}
