package bemble.app.extract;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** The rows that belong to a class or a pupil, and the tables that their columns refer to. */
final class ExtractTables {
  private static final String CLASS_PUPILS = "(select id from pupil where class_id = :id)";
  private static final String OF_CLASS = "class_id = :id";
  private static final String OF_PUPIL = "pupil_id = :id";
  private static final String STANDS = " and deleted_at is null";

  /** Stands for the table of a column whose rows refer to one another. */
  static final String ITSELF = "";

  /** The tables of earlier versions, in which work was kept. */
  private static final Set<String> EARLIER = Set.of("attempt", "answer", "run_sum");

  /** The tables whose rows a column names. */
  static final Map<String, String> REFERENCES =
      Map.ofEntries(
          Map.entry("class_id", "school_class"),
          Map.entry("pupil_id", "pupil"),
          Map.entry("set_id", "practice_set"),
          Map.entry("run_id", "run"),
          Map.entry("attempt_id", "attempt"),
          Map.entry("work_id", "work"),
          Map.entry("check_of", ITSELF),
          Map.entry("mends", ITSELF),
          Map.entry("handout_id", "handout"),
          Map.entry("for_handout_id", "handout"),
          // Who sat where is left out.
          Map.entry("seat_id", "room_seat"),
          Map.entry("lesson_id", "lesson"),
          Map.entry("came_from", "lesson"),
          Map.entry("group_id", "pupil_group"));

  private ExtractTables() {}

  /** All tables that an extract of some version may have rows of. */
  static Set<String> known(Extract.Kind kind) {
    Set<String> known = new HashSet<>(EARLIER);
    known.addAll(of(kind).keySet());
    return known;
  }

  /** What follows the name of each table in the question for its rows. */
  static Map<String, String> of(Extract.Kind kind) {
    return kind == Extract.Kind.CLASS ? ofClass() : ofPupil();
  }

  private static Map<String, String> ofClass() {
    String sets = "(select id from practice_set where " + OF_CLASS + STANDS + ")";
    String handouts = "(select id from handout where " + OF_CLASS + STANDS + ")";
    String lessons = "(select id from lesson where " + OF_CLASS + STANDS + ")";
    Map<String, String> rows = new LinkedHashMap<>();
    rows.put("school_class", "id = :id");
    rows.put("pupil", OF_CLASS);
    rows.put("practice_set", OF_CLASS + STANDS);
    rows.put("set_sum", "set_id in " + sets);
    rows.put("run", OF_CLASS + STANDS);
    rows.put("handout", OF_CLASS + STANDS);
    rows.put("handout_sum", "handout_id in " + handouts);
    rows.put("handout_pupil", "handout_id in " + handouts);
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
    return withWork(rows, "p.class_id = :id", "r.class_id = :id", "h.class_id = :id");
  }

  private static Map<String, String> ofPupil() {
    String given =
        "(select hp.handout_id from handout_pupil hp join handout h on h.id = hp.handout_id"
            + " where hp.pupil_id = :id and h.deleted_at is null)";
    Map<String, String> rows = new LinkedHashMap<>();
    rows.put("pupil", "id = :id");
    rows.put("run", OF_PUPIL + STANDS);
    rows.put("handout", "id in " + given);
    rows.put("handout_sum", "handout_id in " + given);
    rows.put("handout_pupil", OF_PUPIL + " and handout_id in " + given);
    rows.put("decided_standing", OF_PUPIL);
    rows.put("pupil_hand", OF_PUPIL);
    return withWork(rows, "p.id = :id", "r.pupil_id = :id", "p.id = :id");
  }

  /**
   * Adds work and its strokes: pages that stand, the sums of runs, and answers to handouts. The
   * tables are joined, since the database would look through a list of numbers for each row.
   */
  private static Map<String, String> withWork(
      Map<String, String> conditions, String ofPupil, String ofRun, String ofHandout) {
    Map<String, String> rows = new LinkedHashMap<>();
    conditions.forEach((table, condition) -> rows.put(table, "where " + condition));
    String numbers =
        """
        (select w.id from work w join pupil p on p.id = w.pupil_id
         where %1$s and w.begun_at is not null and w.deleted_at is null
         union
         select w.id from work w join run r on r.id = w.run_id
         where %2$s and r.deleted_at is null
           and (w.run_number is not null or w.begun_at is not null and w.deleted_at is null)
         union
         select w.id from work w
         join pupil p on p.id = w.pupil_id
         join handout h on h.id = w.handout_id
         where %3$s and h.deleted_at is null)
        """
            .formatted(ofPupil, ofRun, ofHandout);
    rows.put("work", "join " + numbers + " own on own.id = work.id");
    rows.put("stroke", "join " + numbers + " own on own.id = stroke.work_id");
    return rows;
  }
}
