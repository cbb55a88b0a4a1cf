package bemble.app.extract;

import java.util.LinkedHashMap;
import java.util.Map;

/** The rows that belong to a class or a pupil, and the tables that their columns refer to. */
final class ExtractTables {
  private static final String CLASS_PUPILS = "(select id from pupil where class_id = :id)";
  private static final String OF_CLASS = "class_id = :id";
  private static final String OF_PUPIL = "pupil_id = :id";
  private static final String STANDS = " and deleted_at is null";

  /** The tables whose rows a column names. */
  static final Map<String, String> REFERENCES =
      Map.ofEntries(
          Map.entry("class_id", "school_class"),
          Map.entry("pupil_id", "pupil"),
          Map.entry("set_id", "practice_set"),
          Map.entry("run_id", "run"),
          Map.entry("attempt_id", "attempt"),
          Map.entry("check_of", "attempt"),
          Map.entry("mends", "attempt"),
          Map.entry("handout_id", "handout"),
          Map.entry("lesson_id", "lesson"),
          Map.entry("came_from", "lesson"),
          Map.entry("group_id", "pupil_group"));

  private ExtractTables() {}

  /** The condition for the rows of each table, in the order of {@link Schema#TABLES}. */
  static Map<String, String> of(Extract.Kind kind) {
    return kind == Extract.Kind.CLASS ? ofClass() : ofPupil();
  }

  private static Map<String, String> ofClass() {
    String sets = "(select id from practice_set where " + OF_CLASS + STANDS + ")";
    String runs = "(select id from run where " + OF_CLASS + STANDS + ")";
    String handouts = "(select id from handout where " + OF_CLASS + STANDS + ")";
    String lessons = "(select id from lesson where " + OF_CLASS + STANDS + ")";
    String attempts = "(pupil_id in " + CLASS_PUPILS + " or run_id in " + runs + ")" + STANDS;
    Map<String, String> rows = new LinkedHashMap<>();
    rows.put("school_class", "id = :id");
    rows.put("pupil", OF_CLASS);
    rows.put("practice_set", OF_CLASS + STANDS);
    rows.put("set_sum", "set_id in " + sets);
    rows.put("run", OF_CLASS + STANDS);
    rows.put("handout", OF_CLASS + STANDS);
    rows.put("handout_sum", "handout_id in " + handouts);
    rows.put("handout_pupil", "handout_id in " + handouts);
    rows.put("attempt", attempts);
    rows.put("stroke", "attempt_id in (select id from attempt where " + attempts + ")");
    rows.put("run_sum", "run_id in " + runs);
    rows.put("answer", "handout_id in " + handouts);
    rows.put("decided_standing", "pupil_id in " + CLASS_PUPILS);
    rows.put("lesson", OF_CLASS + STANDS);
    rows.put("lesson_part", "lesson_id in " + lessons);
    rows.put("holiday", OF_CLASS);
    rows.put("timetable", OF_CLASS);
    rows.put("ladder_rung", OF_CLASS);
    rows.put("class_vote", OF_CLASS);
    rows.put("pupil_group", OF_CLASS);
    rows.put("group_pupil", "pupil_id in " + CLASS_PUPILS);
    rows.put("pupil_hand", "pupil_id in " + CLASS_PUPILS);
    return rows;
  }

  private static Map<String, String> ofPupil() {
    String runs = "(select id from run where " + OF_PUPIL + STANDS + ")";
    String given =
        "(select hp.handout_id from handout_pupil hp join handout h on h.id = hp.handout_id"
            + " where hp.pupil_id = :id and h.deleted_at is null)";
    String attempts = "(" + OF_PUPIL + " or run_id in " + runs + ")" + STANDS;
    Map<String, String> rows = new LinkedHashMap<>();
    rows.put("pupil", "id = :id");
    rows.put("run", OF_PUPIL + STANDS);
    rows.put("handout", "id in " + given);
    rows.put("handout_sum", "handout_id in " + given);
    rows.put("handout_pupil", OF_PUPIL + " and handout_id in " + given);
    rows.put("attempt", attempts);
    rows.put("stroke", "attempt_id in (select id from attempt where " + attempts + ")");
    rows.put("run_sum", "run_id in " + runs);
    rows.put("answer", OF_PUPIL + " and handout_id in " + given);
    rows.put("decided_standing", OF_PUPIL);
    rows.put("pupil_hand", OF_PUPIL);
    return rows;
  }
}
