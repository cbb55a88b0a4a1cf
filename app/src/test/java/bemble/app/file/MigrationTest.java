package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files of every earlier version open, with all their data. */
class MigrationTest {
  private static final String NOON = "timestamp with time zone '2026-03-02 12:00:00+00:00'";
  @TempDir Path folder;

  private String url() {
    return "jdbc:h2:file:" + folder.resolve("old");
  }

  private void migrate(String target) {
    Flyway.configure().dataSource(url(), "sa", "").target(target).load().migrate();
  }

  private void run(String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url(), "sa", "");
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private List<String> read(String sql) throws SQLException {
    List<String> rows = new ArrayList<>();
    try (Connection connection = DriverManager.getConnection(url(), "sa", "");
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      while (result.next()) {
        rows.add(result.getString(1));
      }
    }
    return rows;
  }

  /** A page that the first pupil has handed in. */
  private void handIn() throws SQLException {
    run(
        "insert into attempt (plain, method, style, who, setting_out, telling, begun_at,"
            + " handed_in_at, explanation, pupil_id) values ('57 × 38', 'column', '{}', 'Neve',"
            + " 'GIVEN', 'AT_END', "
            + NOON
            + ", "
            + NOON
            + ", '', 1)");
  }

  @ParameterizedTest
  @ValueSource(strings = {"1", "2", "3", "4"})
  void aPageKeptInAnEarlierVersionIsStillThere(String version) throws SQLException {
    migrate(version);
    run(
        "insert into page (problem, method, style, title, note, kept_at) values"
            + " ('46 + 38', 'column', '{\"onTop\":\"LONGER\"}', 'Bulbs', 'One carry.', "
            + NOON
            + ")");
    migrate("latest");
    assertEquals(List.of("{\"onTop\":\"LONGER\"}"), read("select style from page"));
    assertEquals(List.of("Bulbs"), read("select title from page"));
  }

  @Test
  void strokesOfAnEarlierVersionAreReadInTheWordsOfThisOne() throws SQLException {
    migrate("3");
    run(
        "insert into attempt (problem, method, style, who, setting_out, telling, begun_at,"
            + " explanation) values ('57 × 38', 'column', '{}', 'Neve', 'GIVEN', 'AS_I_GO', "
            + NOON
            + ", '')");
    List<String> kinds =
        List.of("FIGURE", "SMALL", "CELL", "POINT", "STRIKE", "LINE", "RUB", "SMALL");
    for (int number = 0; number < kinds.size(); number++) {
      run(
          "insert into stroke (attempt_id, number, millis, kind, row_at, column_at, text) values"
              + " (1, %d, %d, '%s', 4, 2, '5')".formatted(number, 100 * number, kinds.get(number)));
    }
    migrate("latest");
    assertEquals(
        List.of("FIGURE", "AID", "NUMBER", "POINT", "STRIKE", "LINE", "RUB", "AID"),
        read("select kind from stroke order by number"));
  }

  /** Earlier versions kept a sum with the marks of its class, and read it again in them. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "6,203 − 1,487         | {}                                                  | 6203 − 1487",
        "12.50 + 1,007.85      | {\"decimalMark\":\"POINT\"}                         | 12.50 +"
            + " 1007.85",
        "1\u2009234,5 + 2,345   | {\"decimalMark\":\"COMMA\",\"onTop\":\"LONGER\"}    | 1234.5 +"
            + " 2.345",
        "1\u2009234 × 12        | {\"thousandsMark\":\"THIN_SPACE\"}                  | 1234 × 12",
        "√2 to 3 places        | {}                                                  | √2 to 3"
            + " places"
      })
  void aSumIsKeptPlainly(String kept, String style, String plain) throws SQLException {
    migrate("4");
    run(
        "insert into page (problem, method, style, title, note, kept_at) values"
            + " ('%s', 'column', '%s', 'Bulbs', '', %s)".formatted(kept, style, NOON));
    migrate("latest");
    assertEquals(List.of(plain), read("select plain from page"));
  }

  @Test
  void anAttemptOfAnEarlierVersionMendsNothingAndOneThatMendsItOutlivesIt() throws SQLException {
    migrate("6");
    String attempt =
        "insert into attempt (plain, method, style, who, setting_out, telling, begun_at,"
            + " explanation) values ('57 × 38', 'column', '{}', 'Neve', 'GIVEN', 'AS_I_GO', "
            + NOON
            + ", '')";
    run(attempt);
    migrate("latest");
    assertEquals(List.of("1"), read("select count(*) from work where mends is null"));
    run(attempt.replace("attempt", "work"));
    run("update work set mends = 1 where id = 2");
    run("delete from work where id = 1");
    assertEquals(List.of("1"), read("select count(*) from work where mends is null"));
  }

  /** A verdict on a page that is still written on, and a decision on no check, are no states. */
  @Test
  void whatMayNotBeIsMendedAndThenRefused() throws SQLException {
    migrate("7");
    run(
        "insert into attempt (plain, method, style, who, setting_out, telling, begun_at,"
            + " explanation, judged_by, slips, came_back) values ('57 × 38', 'column', '{}',"
            + " 'Neve', 'GIVEN', 'AS_I_GO', "
            + NOON
            + ", '', 3, 2, true)");
    migrate("latest");
    assertEquals(List.of("1"), read("select layout from work"));
    assertEquals(
        List.of("1"),
        read("select count(*) from work where judged_by is null and came_back is null"));
    for (String change : List.of("judged_by = 3", "came_back = true")) {
      assertThrows(SQLException.class, () -> run("update work set " + change), change);
    }
  }

  /** An attempt of an earlier version stands alone; the pages of a run go with it. */
  @Test
  void aRunOwnsItsPagesAndOutlivesTheSetOfItsSums() throws SQLException {
    migrate("9");
    String attempt =
        "insert into attempt (plain, method, style, who, setting_out, telling, begun_at,"
            + " explanation) values ('57 × 38', 'column', '{}', 'Neve', 'GIVEN', 'AS_I_GO', "
            + NOON
            + ", '')";
    run(attempt);
    run("insert into practice_set (title, lines, kept_at) values ('Beds', '[]', " + NOON + ")");
    migrate("latest");
    assertEquals(
        List.of("1"), read("select count(*) from work where run_id is null and not silent"));
    run(
        "insert into run (title, who, set_id, set_version, rung, method, pass_mark, in_a_row,"
            + " telling, setting_out, with_check, begun_at) values ('Beds', '', 1, 'A', '', '', 2,"
            + " false, 'AT_END', 'GIVEN', false, "
            + NOON
            + ")");
    run(attempt.replace("attempt", "work"));
    run("update work set run_id = 1, silent = true where id = 2");
    run(
        "insert into work (run_id, run_number, plain, method, rung) values (1, 0, '57 × 38', '',"
            + " '')");
    run("delete from practice_set");
    assertEquals(List.of("A"), read("select set_version from run where set_id is null"));
    assertThrows(SQLException.class, () -> run("update run set pass_mark = 0"));
    run("delete from run");
    assertEquals(List.of("1"), read("select id from work"));
  }

  /** Attempts of a version without evidence become evidence once they are placed and judged. */
  @Test
  void anAttemptOfAnEarlierVersionIsEvidenceOnceItIsPlacedAndJudged() throws SQLException {
    migrate("12");
    run("insert into pupil (class_id, name) select id, 'Neve' from school_class");
    handIn();
    migrate("latest");
    assertEquals(List.of("0"), read("select count(*) from evidence"));
    run("update work set rung = 'multiplication-two-figures', all_right = true");
    assertEquals(List.of("FALSE"), read("select helped from evidence where all_right"));
    run(
        "insert into decided_standing (pupil_id, rung, standing, note, decided_at) values (1,"
            + " 'multiplication-two-figures', 'SURE', '', "
            + NOON
            + ")");
    run("delete from pupil");
    assertEquals(List.of("0"), read("select count(*) from decided_standing"));
  }

  /** A killed Bemble may have kept a page without its answer; one that fits nowhere stays alone. */
  @ParameterizedTest
  @CsvSource({
    "57 × 38, 2026-03-01, TRUE",
    "57 × 39, 2026-03-01, FALSE",
    "57 × 38, 2026-03-03, FALSE"
  })
  void aPageOfAnEarlierVersionIsStillToFillItsAnswerIn(String sum, String given, String due)
      throws SQLException {
    migrate("29");
    run("insert into pupil (class_id, name) select id, 'Neve' from school_class");
    run(
        "insert into handout (class_id, set_version, title, kind, given_on) select id, '', 'Beds',"
            + " 'EXERCISE', date '"
            + given
            + "' from school_class");
    run(
        "insert into handout_sum (handout_id, number, plain, method, rung) values (1, 0, '"
            + sum
            + "', 'column', '')");
    run("insert into handout_pupil (handout_id, pupil_id) values (1, 1)");
    handIn();
    migrate("latest");
    assertEquals(List.of(due), read("select grid_due from work"));
  }

  /**
   * Work was kept four ways once. Pages 1 to 9: alone; for an answer; found an answer; deleted
   * behind one; of a run; its check; behind an answer, of a run that is deleted; of a room, behind
   * an answer whose handout is deleted; and from paper.
   */
  @Test
  void allKindsOfWorkOfAnEarlierVersionBecomeOne() throws SQLException {
    migrate("30");
    workOfAllKinds();
    List<String> before = evidence();
    migrate("latest");
    assertEquals(before, evidence());
    assertEquals(
        List.of(
            "0 2 2026-02-27",
            "1 3 2026-03-02",
            "2 - 2026-03-02",
            "3 - 2026-03-02",
            "4 - 2026-02-27",
            "5 9 2026-02-27"),
        read(
            "select number || ' ' || case when begun_at is null then '-' else id || '' end || ' '"
                + " || worked_on from work where handout_id = 1 order by number"));
    assertEquals(List.of("8"), read("select id from work where handout_id = 2 and shown"));
    assertEquals(
        List.of("4", "7"),
        read("select id from work where handout_id is null and for_handout_id = 1 order by id"));
    assertEquals(
        List.of("0 TRUE of-run 70", "1 FALSE of-run 70"),
        read(
            "select run_number || ' ' || (begun_at is not null) || ' ' || rung || ' ' ||"
                + " paused_millis from work where run_id = 1 and run_number is not null"
                + " order by run_number"));
    run("update handout set deleted_at = null");
    run("delete from work where id = 5");
    assertEquals(List.of("0"), read("select count(*) from work where id = 6"), "its check");
    run("delete from handout");
    assertEquals(List.of("0"), read("select count(*) from work where handout_id is not null"));
    assertEquals(
        List.of("1", "2", "3", "8"),
        read("select source_id from evidence where source = 'ATTEMPT' order by source_id"));
  }

  private void workOfAllKinds() throws SQLException {
    run("insert into pupil (class_id, name) select id, 'Neve' from school_class");
    for (int id = 1; id <= 2; id++) {
      run(
          "insert into handout (class_id, set_version, title, kind, given_on, deleted_at) select"
              + " id, '', 'Beds', 'EXERCISE', date '2026-02-27', "
              + (id == 2 ? NOON : "null")
              + " from school_class");
      for (int number = 0; number < 7; number++) {
        run(
            "insert into handout_sum (handout_id, number, plain, method, rung) values (%d, %d,"
                    .formatted(id, number)
                + " '57 × 38', 'column', 'in-handout')");
      }
      run(
          "insert into run (title, who, rung, method, pass_mark, in_a_row, telling, setting_out,"
              + " with_check, begun_at, pupil_id, deleted_at) values ('Beds', 'Neve', '', '', 2,"
              + " false, 'AT_END', 'GIVEN', true, "
              + NOON
              + ", 1, "
              + (id == 2 ? NOON : "null")
              + ")");
    }
    for (int page = 1; page <= 9; page++) {
      handIn();
    }
    run("update attempt set rung = 'of-page', all_right = true, said = 'a'");
    run("update attempt set handout_id = 1, handout_number = 0 where id = 2");
    run("update attempt set deleted_at = " + NOON + " where id = 4");
    run("update attempt set run_id = 1 where id in (5, 6)");
    run("update attempt set check_of = 5, came_back = true where id = 6");
    run("update attempt set run_id = 2 where id = 7");
    run("update attempt set handout_id = 1, handout_number = 5, from_paper = true where id = 9");
    run(
        "insert into room (class_id, address, port, code, opened_at, ends_at, telling, hints,"
            + " shows_time) select id, '', 1, '', %1$s, %1$s, '', true, true from school_class"
                .formatted(NOON));
    run("insert into room_seat (room_id, pupil_id, number, token) values (1, 1, 3, '')");
    run("insert into room_page (seat_id, attempt_id, shown) values (1, 8, true)");
    answer(1, 0, "2");
    answer(1, 1, "3");
    answer(1, 2, "4");
    answer(1, 3, "7");
    answer(1, 4, "null");
    answer(1, 5, "9");
    answer(2, 0, "8");
    String sum =
        "insert into run_sum (run_id, number, plain, method, rung, again_of, attempt_id,"
            + " all_right, seconds, paused_millis) values (%d, %d, '57 × 38', '', 'of-run', %s,"
            + " %s, %s, 9, 70)";
    run(sum.formatted(1, 0, "null", "5", "true"));
    run(sum.formatted(1, 1, "0", "null", "null"));
    run(sum.formatted(2, 0, "null", "7", "false"));
  }

  private void answer(int handout, int number, String page) throws SQLException {
    run(
        "insert into answer (handout_id, pupil_id, number, given, outcome, overruled, judged_by,"
            + " changed_at, said, attempt_id) values (%d, 1, %d, '2166', 'RIGHT', false, 1, %s,"
                .formatted(handout, number, NOON)
            + " 'b', "
            + page
            + ")");
  }

  private List<String> evidence() throws SQLException {
    return read(
        "select pupil_id || ' ' || rung || ' ' || worked_on || ' ' || all_right || ' ' || helped"
            + " || ' ' || slip || ' ' || source || ' ' || source_id as line from evidence"
            + " order by line");
  }

  @Test
  void aNewFileHasOneClassThatIsCurrent() throws SQLException {
    migrate("latest");
    assertEquals(List.of("My class"), read("select name from school_class where current_class"));
    assertTrue(read("select plain from page").isEmpty());
  }
}
