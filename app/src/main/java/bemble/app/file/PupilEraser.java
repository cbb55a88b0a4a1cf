package bemble.app.file;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Takes a pupil out of all rows: work, standings, and the name in titles and notes. */
public final class PupilEraser {
  /**
   * A text that a teacher or a pupil has written.
   *
   * @param of whose texts may name a pupil of a class
   */
  private record Text(String table, String column, String of) {}

  private static final String OF_CLASS = "class_id = %d";
  private static final String BY_CLASS =
      "(pupil_id is null or pupil_id in (select id from pupil where class_id = %d))";

  private static final List<Text> TEXTS =
      List.of(
          new Text("practice_set", "title", OF_CLASS),
          new Text("handout", "title", OF_CLASS),
          new Text("pupil_group", "name", OF_CLASS),
          new Text("lesson", "title", OF_CLASS),
          new Text("lesson", "note", OF_CLASS),
          new Text("run", "title", OF_CLASS),
          new Text("work", "explanation", BY_CLASS),
          new Text("decided_standing", "note", BY_CLASS),
          new Text("page", "title", "true"),
          new Text("page", "note", "true"));

  /** Where work is kept under a name that belongs to no pupil. */
  private static final List<String> UNDER_A_NAME = List.of("work", "run");

  private static final List<String> ROWS =
      List.of(
          "delete from run where pupil_id = %1$d",
          "delete from work where pupil_id = %1$d", "delete from pupil where id = %1$d");

  private PupilEraser() {}

  /** Erases a pupil; false where there is none of that id. */
  public static boolean erase(Connection file, long pupil) throws SQLException {
    List<String> found = texts(file, "select name from pupil where id = " + pupil);
    if (found.isEmpty()) {
      return false;
    }
    List<String> names = new ArrayList<>(found);
    texts(file, "select former_names from pupil where id = " + pupil)
        .forEach(former -> former.lines().forEach(names::add));
    long classId =
        Long.parseLong(texts(file, "select class_id from pupil where id = " + pupil).get(0));
    for (String rows : ROWS) {
      execute(file, rows.formatted(pupil));
    }
    Set<String> others =
        new LinkedHashSet<>(texts(file, "select name from pupil where class_id = " + classId));
    for (Text text : TEXTS) {
      takeOut(file, text, names, others, classId);
    }
    names.removeAll(texts(file, "select name from pupil"));
    for (String table : UNDER_A_NAME) {
      for (String gone : names) {
        update(
            file, "update " + table + " set who = ? where pupil_id is null and who = ?", "", gone);
      }
    }
    return true;
  }

  private static void takeOut(
      Connection file, Text text, List<String> names, Set<String> others, long classId)
      throws SQLException {
    String of = text.of().formatted(classId);
    String select =
        "select distinct %1$s from %2$s where %1$s <> '' and %3$s"
            .formatted(text.column(), text.table(), of);
    String update =
        "update %s set %s = ? where %s and %s = ?"
            .formatted(text.table(), text.column(), of, text.column());
    for (String before : texts(file, select)) {
      String now = NamesInText.without(before, names, others);
      if (!now.equals(before)) {
        update(file, update, now, before);
      }
    }
  }

  private static List<String> texts(Connection file, String select) throws SQLException {
    List<String> texts = new ArrayList<>();
    try (PreparedStatement reading = file.prepareStatement(select);
        ResultSet rows = reading.executeQuery()) {
      while (rows.next()) {
        texts.add(rows.getString(1));
      }
    }
    return texts;
  }

  private static void execute(Connection file, String statement) throws SQLException {
    try (PreparedStatement writing = file.prepareStatement(statement)) {
      writing.executeUpdate();
    }
  }

  private static void update(Connection file, String statement, String now, String before)
      throws SQLException {
    try (PreparedStatement writing = file.prepareStatement(statement)) {
      writing.setString(1, now);
      writing.setString(2, before);
      writing.executeUpdate();
    }
  }
}
