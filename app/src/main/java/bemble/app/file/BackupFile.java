package bemble.app.file;

import bemble.app.file.BackupRows.Part;
import bemble.app.refusal.DiskFullException;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
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
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.util.StreamUtils;

/**
 * A backup: a zip with the rows of each table as lines of text, and a description of them. The last
 * characters of the zip, its comment, are the SHA-256 of all before them, so that a change is
 * noticed before anything is read. docs/backup.md describes the format.
 */
final class BackupFile {
  private static final String ABOUT = "bemble.json";
  private static final String FORMAT = "bemble-backup";
  private static final int FORM = 2;
  static final int DIGEST_SIGNS = 64;
  private static final ObjectMapper JSON =
      JsonMapper.builder()
          .addModule(new JavaTimeModule())
          .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
          .defaultPropertyInclusion(
              JsonInclude.Value.construct(JsonInclude.Include.NON_NULL, JsonInclude.Include.ALWAYS))
          .build();

  /** Lines of text shrink to a tenth. A zip that grows by more was made to fill the disk. */
  private static final int MOST_GROWTH = 100;

  private static final long LEAST_LIMIT = 4L << 20;
  private static final int MOST_ABOUT_BYTES = 100_000;

  private BackupFile() {}

  /**
   * The description in a backup.
   *
   * @param form of the format; backups of the first form are data files
   * @param madeAt in the time of the machine that has made it
   * @param schema the version of its tables
   * @param tables in the order in which their rows are read: each after those that it refers to
   */
  record About(
      String format, int form, LocalDateTime madeAt, int schema, Map<String, Part> tables) {
    /** What is known of the lines of a table that is among them. */
    Part part(String table) {
      return Objects.requireNonNull(tables.get(table));
    }

    /** The description, if it is complete. */
    private About checked() throws ZipException {
      if (!FORMAT.equals(format)
          || madeAt == null
          || tables == null
          || tables.values().stream().anyMatch(Objects::isNull)
          || schema < 1) {
        throw new ZipException(ABOUT);
      }
      return this;
    }

    private long bytes() {
      return tables.values().stream().mapToLong(Part::bytes).sum();
    }
  }

  /** Writes all rows that a connection sees. */
  static void write(Connection from, LocalDateTime now, Path zip) throws SQLException, IOException {
    Map<String, Long> next = Tables.nextNumbers(from);
    Map<String, Part> parts = new LinkedHashMap<>();
    try (OutputStream out = Files.newOutputStream(zip);
        ZipOutputStream packed = new ZipOutputStream(out)) {
      packed.setLevel(Deflater.BEST_SPEED);
      packed.setComment("0".repeat(DIGEST_SIGNS));
      for (String table : Tables.inOrder(from)) {
        packed.putNextEntry(new ZipEntry(entry(table)));
        parts.put(table, BackupRows.write(from, table, next.get(table), packed));
      }
      packed.putNextEntry(new ZipEntry(ABOUT));
      About about = new About(FORMAT, FORM, now, Schema.of(from), parts);
      packed.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(about));
    }
    seal(zip);
    Folders.ownFile(zip);
  }

  private static String entry(String table) {
    return "rows/" + table + ".jsonl";
  }

  /** Writes the digest of a zip into its comment. */
  static void seal(Path zip) throws IOException {
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
        DigestInputStream digested = new DigestInputStream(in, Sha256.begin())) {
      long before = Files.size(zip) - DIGEST_SIGNS;
      StreamUtils.copyRange(digested, OutputStream.nullOutputStream(), 0, before - 1);
      return Sha256.end(digested.getMessageDigest());
    }
  }

  /**
   * Brings the rows of a backup into a data file that is not there yet, and that file to the newest
   * tables.
   *
   * @return a connection to the file, by which it is open
   * @throws UnusableFileException where it is no backup, or not as it was made
   * @throws DiskFullException where there is no room for it
   */
  static Connection unpack(Path zip, DataFile to, DiskSpace room) throws IOException {
    long limit = Math.max(LEAST_LIMIT, Files.size(zip) * MOST_GROWTH);
    try (ZipFile packed = new ZipFile(zip.toFile())) {
      JsonNode about = isSealed(zip) ? description(packed) : JSON.missingNode();
      return about.has("tables")
          ? unpack(packed, about(about), limit, to, room)
          : EarlierBackup.unpack(packed, about, limit, to, room);
    } catch (UnusableFileException e) {
      throw e.isNewer() ? new UnusableFileException("newer-backup", "file", zip) : refused(zip);
    } catch (IOException | SQLException | RuntimeException e) {
      throw refusal(e, zip);
    }
  }

  private static Connection unpack(
      ZipFile packed, About about, long limit, DataFile to, DiskSpace room)
      throws IOException, SQLException {
    if (about.form() > FORM || about.schema() > Schema.newest()) {
      throw new UnusableFileException("newer-backup", "file", packed.getName());
    }
    if (about.bytes() < 0 || about.bytes() > limit) {
      throw new ZipException(ABOUT);
    }
    room.refuseIfLess(about.bytes());
    Connection filled = to.make(about.schema());
    try {
      refuseOtherEntries(packed, about, Set.copyOf(Tables.inOrder(filled)));
      fill(filled, packed, about);
      return to.migrated(filled);
    } catch (IOException | SQLException | RuntimeException e) {
      filled.close();
      throw e;
    }
  }

  private static void refuseOtherEntries(ZipFile packed, About about, Set<String> tables)
      throws ZipException {
    Set<String> expected = new TreeSet<>(Set.of(ABOUT));
    tables.forEach(table -> expected.add(entry(table)));
    Set<String> there = new TreeSet<>();
    Collections.list(packed.entries()).forEach(entry -> there.add(entry.getName()));
    if (!tables.equals(about.tables().keySet()) || !expected.equals(there)) {
      throw new ZipException(there.toString());
    }
  }

  private static void fill(Connection to, ZipFile packed, About about)
      throws IOException, SQLException {
    to.setAutoCommit(false);
    Tables.clear(to);
    for (String table : Tables.inOrder(to)) {
      try (InputStream lines = packed.getInputStream(packed.getEntry(entry(table)))) {
        BackupRows.read(lines, about.part(table), table, to);
      }
    }
    to.commit();
    to.setAutoCommit(true);
    for (String table : Tables.nextNumbers(to).keySet()) {
      Long next = Optional.ofNullable(about.part(table).next()).orElse(1L);
      Tables.numberOn(table, Math.max(next, 1 + Tables.lastNumber(table, to)), to);
    }
  }

  /** When a backup was made; empty for one of an earlier Bemble. */
  static Optional<LocalDateTime> madeAt(Path zip) throws IOException {
    try (ZipFile packed = new ZipFile(zip.toFile())) {
      JsonNode madeAt = isSealed(zip) ? description(packed).get("madeAt") : null;
      return Optional.ofNullable(madeAt)
          .map(moment -> JSON.convertValue(moment, LocalDateTime.class));
    }
  }

  private static JsonNode description(ZipFile packed) throws IOException {
    ZipEntry entry = packed.getEntry(ABOUT);
    if (entry == null) {
      throw new ZipException(ABOUT);
    }
    try (InputStream in = packed.getInputStream(entry)) {
      return JSON.readTree(in.readNBytes(MOST_ABOUT_BYTES));
    }
  }

  private static About about(JsonNode description) throws IOException {
    try {
      return JSON.treeToValue(description, About.class).checked();
    } catch (JsonProcessingException e) {
      throw new ZipException(e.getOriginalMessage());
    }
  }

  /** Only a file that is no backup, or a damaged one, fails so: there is room for it. */
  private static RuntimeException refusal(Exception failure, Path zip) {
    return failure instanceof DiskFullException full ? full : refused(zip);
  }

  private static UnusableFileException refused(Path zip) {
    return new UnusableFileException("no-backup-file", "file", zip);
  }
}
