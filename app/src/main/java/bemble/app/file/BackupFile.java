package bemble.app.file;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.util.StreamUtils;

/**
 * A backup: a zip with the data file and a list of its contents. The last characters of the zip,
 * its comment, are the SHA-256 of all before them, so that a change is noticed before anything is
 * unpacked. A backup of an earlier Bemble is only the data file in a zip.
 */
final class BackupFile {
  private static final String ABOUT = "bemble.json";
  private static final String DATA = "bemble.mv.db";
  private static final String FORMAT = "bemble-backup";
  private static final int DIGEST_SIGNS = 64;
  private static final ObjectMapper JSON =
      JsonMapper.builder().addModule(new JavaTimeModule()).build();

  /** A data file shrinks to a tenth. A zip that grows by more was made to fill the disk. */
  private static final int MOST_GROWTH = 100;

  private static final long LEAST_LIMIT = 4L << 20;
  private static final int MOST_ABOUT_BYTES = 100_000;

  private BackupFile() {}

  /**
   * The description in a backup.
   *
   * @param madeAt in the time of the machine that has made it
   * @param bytes the size of the data file
   * @param schema the version of its tables
   * @param rows how many rows each table has
   */
  record About(
      String format, LocalDateTime madeAt, long bytes, int schema, Map<String, Long> rows) {}

  /** Packs a closed data file once the whole file has been read. */
  static void write(DataFile file, LocalDateTime now, Path zip) throws IOException {
    Contents contents = file.contents();
    About about =
        new About(FORMAT, now, Files.size(file.path()), contents.schema(), contents.rows());
    try (OutputStream out = Files.newOutputStream(zip);
        ZipOutputStream packed = new ZipOutputStream(out)) {
      packed.setLevel(Deflater.BEST_SPEED);
      packed.setComment("0".repeat(DIGEST_SIGNS));
      packed.putNextEntry(new ZipEntry(ABOUT));
      packed.write(JSON.writeValueAsBytes(about));
      packed.putNextEntry(new ZipEntry(DATA));
      Files.copy(file.path(), packed);
    }
    seal(zip);
    Folders.ownFile(zip);
  }

  private static void seal(Path zip) throws IOException {
    String digest = digest(zip);
    try (RandomAccessFile signs = new RandomAccessFile(zip.toFile(), "rw")) {
      signs.seek(signs.length() - DIGEST_SIGNS);
      signs.write(digest.getBytes(StandardCharsets.US_ASCII));
      signs.getFD().sync();
    }
  }

  /** Whether the last characters of a file are the digest of those before them. */
  private static boolean isSealed(Path zip) throws IOException {
    if (Files.size(zip) <= DIGEST_SIGNS) {
      return false;
    }
    byte[] last = new byte[DIGEST_SIGNS];
    try (RandomAccessFile signs = new RandomAccessFile(zip.toFile(), "r")) {
      signs.seek(signs.length() - DIGEST_SIGNS);
      signs.readFully(last);
    }
    return new String(last, StandardCharsets.US_ASCII).equals(digest(zip));
  }

  /** The digest of all signs of a file but for the last ones. */
  private static String digest(Path zip) throws IOException {
    try (InputStream in = Files.newInputStream(zip);
        DigestInputStream digested =
            new DigestInputStream(in, MessageDigest.getInstance("SHA-256"))) {
      long before = Files.size(zip) - DIGEST_SIGNS;
      StreamUtils.copyRange(digested, OutputStream.nullOutputStream(), 0, before - 1);
      return HexFormat.of().formatHex(digested.getMessageDigest().digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * Unpacks a backup to a data file that is not there yet, and reads all of it.
   *
   * @throws UnusableFileException where it is no backup, or not as it was made
   * @throws bemble.app.http.DiskFullException where there is no room for it
   */
  static Contents unpack(Path zip, DataFile to, DiskSpace room) throws IOException {
    boolean sealed = isSealed(zip);
    try (ZipFile packed = new ZipFile(zip.toFile())) {
      List<? extends ZipEntry> entries = Collections.list(packed.entries());
      if (!names(entries).equals(sealed ? List.of(ABOUT, DATA) : List.of(DATA))) {
        throw refused(zip);
      }
      Optional<About> about = sealed ? Optional.of(about(packed)) : Optional.empty();
      long limit =
          about.map(About::bytes).orElse(Math.max(LEAST_LIMIT, Files.size(zip) * MOST_GROWTH));
      room.refuseIfLess(limit);
      unpack(packed, packed.getEntry(DATA), limit, to.path());
      Contents contents = to.contents();
      if (about.isPresent() && !about.get().rows().equals(contents.rows())) {
        throw refused(zip);
      }
      return contents;
    } catch (UnusableFileException e) {
      throw e.isNewer() ? new UnusableFileException("newer-backup", zip) : refused(zip);
    } catch (IOException | IllegalArgumentException e) {
      // Only a file that is no zip, or a damaged one, fails here: there is room for it.
      throw refused(zip);
    }
  }

  /** When a backup was made; empty for one of an earlier Bemble. */
  static Optional<LocalDateTime> madeAt(Path zip) throws IOException {
    try (ZipFile packed = new ZipFile(zip.toFile())) {
      return isSealed(zip) ? Optional.of(about(packed).madeAt()) : Optional.empty();
    }
  }

  private static List<String> names(List<? extends ZipEntry> entries) {
    return entries.stream().map(ZipEntry::getName).map(String::valueOf).toList();
  }

  private static About about(ZipFile packed) throws IOException {
    try (InputStream in = packed.getInputStream(packed.getEntry(ABOUT))) {
      About about = JSON.readValue(in.readNBytes(MOST_ABOUT_BYTES), About.class);
      if (!FORMAT.equals(about.format())) {
        throw new ZipException(about.format());
      }
      return about;
    }
  }

  private static void unpack(ZipFile packed, ZipEntry entry, long limit, Path to)
      throws IOException {
    CRC32 sum = new CRC32();
    try (InputStream in = new CheckedInputStream(packed.getInputStream(entry), sum);
        OutputStream out = Files.newOutputStream(to)) {
      long bytes = StreamUtils.copyRange(in, out, 0, limit);
      if (bytes > limit || sum.getValue() != entry.getCrc()) {
        throw new ZipException(entry.getName());
      }
    }
  }

  private static UnusableFileException refused(Path zip) {
    return new UnusableFileException("no-backup-file", zip);
  }
}
