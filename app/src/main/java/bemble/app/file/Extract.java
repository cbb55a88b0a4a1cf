package bemble.app.file;

import java.util.List;
import java.util.Map;

/**
 * A class or a pupil with all that is kept of them, as a file.
 *
 * @param schema the version of the tables that the rows are of
 * @param rows the rows of each table, by the names of its columns
 */
public record Extract(
    String format, int schema, Kind kind, Map<String, List<Map<String, Object>>> rows) {
  static final String FORMAT = "bemble-extract";

  /** What is in it. */
  public enum Kind {
    CLASS,
    PUPIL
  }

  /** How many rows there are of a table. */
  int count(String table) {
    return rows.getOrDefault(table, List.of()).size();
  }
}
