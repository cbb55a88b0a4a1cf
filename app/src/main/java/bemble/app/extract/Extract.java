package bemble.app.extract;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A class or a pupil with all rows about it, as a file.
 *
 * @param schema the version of the tables that the rows are of
 * @param rows the rows of each table, by the names of its columns
 */
public record Extract(
    String format,
    int schema,
    Kind kind,
    @JsonSetter(contentNulls = Nulls.SET) Map<String, List<Map<String, Object>>> rows) {
  static final String FORMAT = "bemble-extract";

  /** Columns that had another name in an earlier version, by table. */
  private static final Map<String, Map<String, String>> RENAMED =
      Map.of("answer", Map.of("mark", "outcome"));

  /** The kinds of extract. */
  public enum Kind {
    CLASS,
    PUPIL
  }

  /** Whether each table has a list of rows, none of them null; values of a row may be. */
  boolean hasRows() {
    return rows != null
        && rows.values().stream()
            .allMatch(table -> table != null && table.stream().allMatch(Objects::nonNull));
  }

  /** The rows of a table, by the names that its columns have now. */
  List<Map<String, Object>> of(String table) {
    Map<String, String> renamed = RENAMED.getOrDefault(table, Map.of());
    return rows.getOrDefault(table, List.of()).stream().map(row -> renamed(row, renamed)).toList();
  }

  private static Map<String, Object> renamed(Map<String, Object> row, Map<String, String> renamed) {
    Map<String, Object> now = new LinkedHashMap<>();
    row.forEach((column, value) -> now.put(renamed.getOrDefault(column, column), value));
    return now;
  }

  /** How many rows there are of a table. */
  int count(String table) {
    return rows.getOrDefault(table, List.of()).size();
  }
}
