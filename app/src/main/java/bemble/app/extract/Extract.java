package bemble.app.extract;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
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

  /** The kinds of extract. */
  public enum Kind {
    CLASS,
    PUPIL;

    /** The table with the one row of the class or the pupil. */
    String head() {
      return this == CLASS ? "school_class" : "pupil";
    }
  }

  /** Whether each table has a list of rows, none of them null; values of a row may be. */
  boolean hasRows() {
    return rows != null
        && rows.values().stream()
            .allMatch(table -> table != null && table.stream().allMatch(Objects::nonNull));
  }

  List<Map<String, Object>> of(String table) {
    return rows.getOrDefault(table, List.of());
  }

  /** How many rows there are of a table. */
  int count(String table) {
    return of(table).size();
  }

  /** How many answers to handouts there are. */
  int answers() {
    return (int) of("work").stream().filter(row -> row.get("handout_id") != null).count();
  }
}
