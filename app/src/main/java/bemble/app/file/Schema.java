package bemble.app.file;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The versions of the schema that this Bemble knows. */
public final class Schema {
  private static final Pattern NAME = Pattern.compile("V(\\d+)__.*");

  /** The name of the view of evidence. A view has no rows of its own. */
  static final String VIEW = "evidence";

  private static final int VIEW_SINCE = 13;

  /**
   * A table.
   *
   * @param since the version of the schema that brought it
   * @param numbered whether the database numbers its rows
   */
  private record Table(String name, int since, boolean numbered) {}

  /** The tables. Each comes after those that it refers to. */
  private static final List<Table> ALL =
      List.of(
          new Table("page", 1, true),
          new Table("school_class", 2, true),
          new Table("pupil", 12, true),
          new Table("practice_set", 9, true),
          new Table("set_sum", 9, false),
          new Table("sheet", 11, true),
          new Table("run", 10, true),
          new Table("handout", 12, true),
          new Table("handout_sum", 12, false),
          new Table("handout_pupil", 12, false),
          new Table("attempt", 3, true),
          new Table("stroke", 3, false),
          new Table("run_sum", 10, false),
          new Table("answer", 12, false),
          new Table("decided_standing", 13, false),
          new Table("lesson", 14, true),
          new Table("lesson_part", 14, false),
          new Table("holiday", 14, false),
          new Table("timetable", 14, false),
          new Table("ladder_rung", 15, false),
          new Table("class_vote", 18, true),
          new Table("pupil_group", 20, true),
          new Table("group_pupil", 20, false),
          new Table("request_key", 23, false),
          new Table("scan", 25, true),
          new Table("scan_page", 25, true),
          new Table("scan_answer", 25, false),
          new Table("scan_figure", 26, false),
          new Table("scan_square", 27, false),
          new Table("kept_sheet", 27, false),
          new Table("room", 28, true),
          new Table("room_seat", 28, true),
          new Table("room_work", 28, true),
          new Table("room_page", 28, false),
          new Table("pupil_hand", 29, false));

  /** The tables of this Bemble. Each comes after those that it refers to. */
  static final List<String> TABLES = ALL.stream().map(Table::name).toList();

  /** The tables whose rows are numbered by the database. */
  static final List<String> NUMBERED =
      ALL.stream().filter(Table::numbered).map(Table::name).toList();

  /** The checksum of each version, as Flyway notes it in the file. */
  private static final Map<Integer, Integer> CHECKSUMS = checksums();

  private Schema() {}

  /** The newest of the versions. */
  public static int newest() {
    return CHECKSUMS.size();
  }

  /** The tables that a file of a version has. */
  static List<String> tablesOf(int version) {
    return ALL.stream().filter(table -> table.since() <= version).map(Table::name).toList();
  }

  /** Whether a file of a version has the view. */
  static boolean hasView(int version) {
    return version >= VIEW_SINCE;
  }

  /**
   * Whether the tables of a file came about by the versions that this Bemble knows.
   *
   * @param version that the file has
   */
  static boolean isOwnHistory(Statement file, int version) throws SQLException {
    Map<Integer, Integer> noted = new TreeMap<>();
    try (ResultSet rows =
        file.executeQuery(
            "select cast(\"version\" as int), \"checksum\" from \"flyway_schema_history\""
                + " where \"success\" and \"version\" is not null")) {
      while (rows.next()) {
        noted.put(rows.getInt(1), rows.getInt(2));
      }
    }
    Map<Integer, Integer> own = new TreeMap<>(CHECKSUMS);
    own.keySet().removeIf(each -> each > version);
    return noted.equals(own);
  }

  private static Map<Integer, Integer> checksums() {
    Map<Integer, Integer> checksums = new TreeMap<>();
    try {
      for (Resource migration :
          new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql")) {
        Matcher name = NAME.matcher(String.valueOf(migration.getFilename()));
        if (name.matches()) {
          checksums.put(Integer.parseInt(name.group(1)), checksum(migration));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return checksums;
  }

  /** Flyway takes the lines without their ends. */
  private static int checksum(Resource migration) throws IOException {
    CRC32 checksum = new CRC32();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(migration.getInputStream(), StandardCharsets.UTF_8))) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        checksum.update(line.getBytes(StandardCharsets.UTF_8));
      }
    }
    return (int) checksum.getValue();
  }
}
