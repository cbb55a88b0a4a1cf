package bemble.app.file;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/** The pupils of an earlier state of the data who were deleted for good since. */
@Component
class DeletedSince {
  private final DataSource source;

  DeletedSince(DataSource source) {
    this.source = source;
  }

  /**
   * The names, by number, of pupils who were deleted since, though their class is still there.
   * Pupils who went with a whole class may be wanted back with it.
   */
  Map<Long, String> in(Connection earlier) throws SQLException {
    Set<Long> there = new HashSet<>();
    Set<Long> classes = new HashSet<>();
    long next;
    try (Connection now = source.getConnection();
        Statement statement = now.createStatement()) {
      there.addAll(numbers("select id from pupil", statement));
      classes.addAll(numbers("select id from school_class", statement));
      try (ResultSet row =
          statement.executeQuery(
              "select identity_base from information_schema.columns"
                  + " where table_name = 'PUPIL' and column_name = 'ID'")) {
        row.next();
        next = row.getLong(1);
      }
    }
    Map<Long, String> deleted = new LinkedHashMap<>();
    try (Statement statement = earlier.createStatement();
        ResultSet rows =
            statement.executeQuery("select id, name, class_id from pupil order by name")) {
      while (rows.next()) {
        long id = rows.getLong(1);
        if (id < next && !there.contains(id) && classes.contains(rows.getLong(3))) {
          deleted.put(id, rows.getString(2));
        }
      }
    }
    return deleted;
  }

  private static List<Long> numbers(String select, Statement statement) throws SQLException {
    List<Long> numbers = new ArrayList<>();
    try (ResultSet rows = statement.executeQuery(select)) {
      while (rows.next()) {
        numbers.add(rows.getLong(1));
      }
    }
    return numbers;
  }

  /** Takes them out of an earlier state; says how many they were. */
  int eraseIn(Connection earlier) throws SQLException {
    Set<Long> deleted = in(earlier).keySet();
    for (long pupil : deleted) {
      PupilEraser.erase(earlier, pupil);
    }
    return deleted.size();
  }
}
