package bemble.app.file;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.util.MinimalPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.security.DigestInputStream;
import java.security.DigestOutputStream;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipException;
import org.jspecify.annotations.Nullable;

/**
 * The rows of a table as lines of text: each row is a JSON object by the names of its columns,
 * without those that are null. Days and moments are written as in ISO 8601.
 */
final class BackupRows {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final JsonFactory LINES =
      new JsonFactory().configure(JsonGenerator.Feature.AUTO_CLOSE_TARGET, false);
  private static final int AT_ONCE = 1000;

  private BackupRows() {}

  /**
   * What is known of the lines of a table.
   *
   * @param sha256 of all bytes of its lines
   * @param next the number of the next row, where the database numbers them
   */
  record Part(long rows, long bytes, String sha256, @Nullable Long next) {}

  /** Writes all rows of a table. */
  static Part write(Connection from, String table, @Nullable Long next, OutputStream to)
      throws SQLException, IOException {
    CountingOutput counting = new CountingOutput(to);
    DigestOutputStream digested = new DigestOutputStream(counting, Sha256.begin());
    long count = 0;
    try (Statement statement = from.createStatement();
        ResultSet rows = statement.executeQuery("select * from " + table + " order by 1");
        JsonGenerator line = LINES.createGenerator(digested)) {
      List<String> columns = Tables.columns(rows);
      line.setPrettyPrinter(new MinimalPrettyPrinter("\n"));
      for (; rows.next(); count++) {
        line.writeStartObject();
        for (int column = 1; column <= columns.size(); column++) {
          Object value = value(rows, column);
          if (value != null) {
            line.writeFieldName(columns.get(column - 1));
            line.writePOJO(value);
          }
        }
        line.writeEndObject();
      }
    }
    String digest = Sha256.end(digested.getMessageDigest());
    return new Part(count, counting.bytes, digest, next);
  }

  /** A value as plain text, number or truth value. Nothing else is asked of a row. */
  private static @Nullable Object value(ResultSet rows, int column) throws SQLException {
    Object value =
        switch (rows.getMetaData().getColumnType(column)) {
          case Types.BIGINT, Types.INTEGER -> rows.getLong(column);
          case Types.BOOLEAN -> rows.getBoolean(column);
          case Types.DATE -> text(rows.getObject(column, LocalDate.class));
          case Types.TIMESTAMP_WITH_TIMEZONE -> text(rows.getObject(column, OffsetDateTime.class));
          default -> rows.getString(column);
        };
    return rows.wasNull() ? null : value;
  }

  private static @Nullable String text(@Nullable LocalDate day) {
    return day == null ? null : day.toString();
  }

  private static @Nullable String text(@Nullable OffsetDateTime moment) {
    return moment == null ? null : DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(moment);
  }

  /**
   * Inserts the rows of a table.
   *
   * @throws IOException where the lines are not those that the part is known by
   * @throws SQLException where a row does not fit into the table
   */
  static void read(InputStream from, Part part, String table, Connection to)
      throws SQLException, IOException {
    Measured measured = new Measured(from, part.bytes());
    long count = 0;
    try (Statement statement = to.createStatement();
        ResultSet none = statement.executeQuery("select * from " + table + " where false");
        MappingIterator<JsonNode> lines = JSON.readerFor(JsonNode.class).readValues(measured)) {
      List<String> columns = Tables.columns(none);
      try (PreparedStatement insert = to.prepareStatement(insert(table, columns))) {
        for (; lines.hasNextValue(); count++) {
          fill(insert, columns, lines.nextValue());
          insert.addBatch();
          if (count % AT_ONCE == AT_ONCE - 1) {
            insert.executeBatch();
          }
        }
        insert.executeBatch();
      }
    }
    if (count != part.rows() || !measured.isRead(part)) {
      throw new ZipException(table);
    }
  }

  /** Inserts rows with their numbers. */
  static String insert(String table, List<String> columns) {
    return "insert into %s (%s) overriding system value values (%s)"
        .formatted(
            table,
            String.join(", ", columns),
            String.join(", ", Collections.nCopies(columns.size(), "?")));
  }

  private static void fill(PreparedStatement insert, List<String> columns, JsonNode row)
      throws SQLException, IOException {
    Set<String> named = new TreeSet<>();
    row.fieldNames().forEachRemaining(named::add);
    if (!columns.containsAll(named)) {
      throw new ZipException(String.join(", ", named));
    }
    for (int column = 0; column < columns.size(); column++) {
      insert.setObject(column + 1, plain(row.path(columns.get(column))));
    }
  }

  private static @Nullable Object plain(JsonNode value) throws IOException {
    if (value.isNull() || value.isMissingNode()) {
      return null;
    }
    if (value.isBoolean()) {
      return value.booleanValue();
    }
    if (value.canConvertToLong() && value.isIntegralNumber()) {
      return value.longValue();
    }
    if (value.isTextual()) {
      return value.textValue();
    }
    throw new ZipException(value.getNodeType().name());
  }

  /** Counts what is written. */
  private static final class CountingOutput extends FilterOutputStream {
    private long bytes;

    CountingOutput(OutputStream to) {
      super(to);
    }

    @Override
    public void write(byte[] from, int offset, int length) throws IOException {
      out.write(from, offset, length);
      bytes += length;
    }

    @Override
    public void write(int one) throws IOException {
      out.write(one);
      bytes++;
    }
  }

  /** Lines that end where they are known to end, and are digested on the way. */
  private static final class Measured extends DigestInputStream {
    private final long longest;
    private long bytes;

    Measured(InputStream from, long longest) {
      super(from, Sha256.begin());
      this.longest = longest;
    }

    @Override
    public int read(byte[] to, int offset, int length) throws IOException {
      int read = super.read(to, offset, length);
      bytes += Math.max(read, 0);
      if (bytes > longest) {
        throw new ZipException("longer than said");
      }
      return read;
    }

    boolean isRead(Part part) {
      return bytes == part.bytes() && Sha256.end(getMessageDigest()).equals(part.sha256());
    }
  }
}
