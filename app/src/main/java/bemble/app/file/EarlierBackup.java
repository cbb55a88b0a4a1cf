package bemble.app.file;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.util.StreamUtils;

/**
 * A backup of an earlier Bemble: a zip with a data file, beside a description with its number of
 * rows, or alone.
 */
final class EarlierBackup {
  private static final String ABOUT = "bemble.json";
  private static final String DATA = "bemble.mv.db";

  private EarlierBackup() {}

  /**
   * Unpacks the data file of a backup, reads all of it and brings it to the newest tables.
   *
   * @param about the description, or a node that is missing
   */
  static Connection unpack(ZipFile packed, JsonNode about, long limit, DataFile to, DiskSpace room)
      throws IOException, SQLException {
    List<String> names =
        Collections.list(packed.entries()).stream()
            .map(each -> String.valueOf(each.getName()))
            .toList();
    if (!names.equals(about.isMissingNode() ? List.of(DATA) : List.of(ABOUT, DATA))) {
      throw new ZipException(names.toString());
    }
    long bytes = Math.min(limit, about.path("bytes").asLong(limit));
    room.refuseIfLess(bytes);
    unpack(packed, packed.getEntry(DATA), bytes, to.path());
    Map<String, Long> rows = to.rows();
    if (!about.isMissingNode() && !rows.equals(counted(about))) {
      throw new ZipException(about.toString());
    }
    return to.migrated(to.connect());
  }

  private static Map<String, Long> counted(JsonNode about) {
    Map<String, Long> rows = new TreeMap<>();
    for (Map.Entry<String, JsonNode> row : about.path("rows").properties()) {
      rows.put(row.getKey(), row.getValue().asLong());
    }
    return rows;
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
}
