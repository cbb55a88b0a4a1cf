package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Workings on filled sheets: read square by square, settled, judged and taken with answers. */
class ReadWorkingsTest extends FilledSheets {
  private static final String[] SUMS = {"467 + 258", "503 − 87", "67 × 38", "84 + 79"};

  private static String working(JsonNode scan, JsonNode page, int sum) {
    return path(scan, page) + "/workings/" + sum;
  }

  /** Settles all squares of a working that are unread, in the order in which they stand. */
  private static JsonNode settled(String working, String figure) {
    List<Object> squares = new ArrayList<>();
    for (JsonNode stroke : talk.get(working).json().get("page").get("strokes")) {
      if (stroke.get("kind").asText().equals("UNREAD")) {
        squares.add(
            Map.of("row", stroke.get("row"), "column", stroke.get("column"), "figure", figure));
      }
    }
    return talk.put(working, squares).json();
  }

  /** A wrong answer is settled for one that was read, with a square that makes the page wrong. */
  @Test
  void aWorkingIsJudgedAndGoesIntoTheGridWithItsWrongAnswer() {
    JsonNode handout = handout(SUMS);
    JsonNode scan = read(handout, worked(handout));
    JsonNode page = scan.get("pages").get(0);
    assertEquals(200, settle(scan, page, 0, "615").status());
    String working = working(scan, page, 0);
    JsonNode read = settled(working, "1");
    JsonNode report = read.get("page").get("report");
    assertEquals(1, report.get("findings").size(), read::toString);
    int row = report.get("findings").get(0).get("squares").get(0).get("row").asInt();
    assertTrue(row >= read.get("firstRow").asInt());
    assertTrue(row < read.get("firstRow").asInt() + read.get("rows").asInt());

    JsonNode taken = talk.post("/api/scans/" + scan.get("id") + "/take", "").json();
    assertTrue(taken.get("kept").size() > 0);
    String grid = "/api/handouts/" + handout.get("id");
    JsonNode behind = pageOf(talk.get(grid).json(), page.get("pupil"), 0);
    JsonNode attempt = talk.get("/api/attempts/" + behind.get("attempt")).json();
    assertTrue(attempt.get("fromPaper").asBoolean());
    assertEquals("467 + 258", attempt.get("problem").asText());
    assertEquals(report.get("findings"), attempt.get("report").get("findings"));
    for (JsonNode each : talk.get("/api/attempts").json().get("entries")) {
      assertFalse(each.get("id").equals(behind.get("attempt")), "it is found with its handout");
    }

    // The register has it with its handout alone, as a sum that is not right.
    for (JsonNode work : recent(page.get("pupil"))) {
      boolean isHere = work.get("id").equals(handout.get("id"));
      assertTrue(isHere || !work.get("id").equals(behind.get("attempt")), work::toString);
      if (isHere) {
        assertEquals("HANDOUT", work.get("source").asText());
        assertTrue(work.get("right").asInt() < work.get("sums").asInt(), work::toString);
      }
    }

    Map<String, Object> corrected =
        Map.of("pupil", page.get("pupil"), "number", 0, "seen", "615", "given", "725");
    talk.put(grid + "/answers", Map.of("cells", List.of(corrected)));
    assertEquals(404, talk.get("/api/attempts/" + behind.get("attempt")).status());
    JsonNode now = recent(page.get("pupil")).get(0);
    assertEquals(now.get("sums"), now.get("right"), "the page that was read wrong tells nothing");
  }

  /** The same sheet once more puts no second page behind its answer. */
  @Test
  void aSheetThatIsTakenAgainLeavesOnePageBehindItsAnswer() {
    JsonNode handout = handout(SUMS[0]);
    byte[] pile = worked(handout);
    long pupil = 0;
    for (int times = 0; times < 2; times++) {
      JsonNode scan = read(handout, pile);
      JsonNode page = scan.get("pages").get(0);
      pupil = page.get("pupil").asLong();
      assertEquals(200, settle(scan, page, 0, "615").status());
      settled(working(scan, page, 0), "1");
      assertEquals(200, talk.post("/api/scans/" + scan.get("id") + "/take", "").status());
    }
    int behind = 0;
    for (JsonNode each : talk.get("/api/handouts/" + handout.get("id")).json().get("pages")) {
      behind += each.get("pupil").asLong() == pupil ? 1 : 0;
    }
    assertEquals(1, behind);
  }

  private static JsonNode recent(JsonNode pupil) {
    JsonNode recent = talk.get("/api/register/pupils/" + pupil).json().get("recent");
    assertTrue(recent.size() > 0, "the register has nothing");
    return recent;
  }

  private static JsonNode pageOf(JsonNode grid, JsonNode pupil, int number) {
    for (JsonNode each : grid.get("pages")) {
      if (each.get("pupil").equals(pupil) && each.get("number").asInt() == number) {
        return each;
      }
    }
    throw new AssertionError("no page behind the answer: " + grid.get("pages"));
  }

  /** Each figure in a square is either read as it was written, or left unread. */
  @Test
  void rightAnswersHaveWorkingsInWhichNothingIsWrong() {
    JsonNode handout = handout(SUMS);
    JsonNode scan = read(handout, worked(handout));
    int looked = 0;
    for (JsonNode page : scan.get("pages")) {
      for (JsonNode answer : page.get("answers")) {
        if (answer.get("state").asText().equals("RIGHT") && answer.has("unread")) {
          JsonNode report =
              talk.get(working(scan, page, answer.get("sum").asInt()))
                  .json()
                  .get("page")
                  .get("report");
          assertEquals(0, report.get("findings").size(), report::toString);
          assertEquals(answer.get("unread").asInt() == 0, report.get("allRight").asBoolean());
          looked++;
        }
      }
    }
    assertTrue(looked > 2, () -> "hardly anything was read: " + scan);
    Talk.Answer picture = talk.get(path(scan, scan.get("pages").get(0)) + "/squares/0");
    assertEquals(200, picture.status());
  }

  @Test
  void whatIsNoSquareOrNoFigureIsRefused() {
    JsonNode handout = handout(SUMS);
    JsonNode scan = read(handout, worked(handout));
    JsonNode page = scan.get("pages").get(0);
    String working = working(scan, page, 0);
    String before = talk.get(working).text();
    List<Map<String, Integer>> wrong =
        List.of(
            Map.of("row", 90, "column", 1, "figure", 1),
            Map.of("row", 3, "column", -7, "figure", 1),
            Map.of("row", 2, "column", 3, "figure", 1),
            Map.of("row", 3, "column", 1, "figure", 12));
    wrong.forEach(square -> assertEquals(422, talk.put(working, List.of(square)).status()));
    assertEquals(before, talk.get(working).text());
    assertEquals(404, talk.get(working(scan, page, 40)).status());
    JsonNode inLine = read(handout("84 + 79"), pile(handout("84 + 79")));
    assertEquals(404, talk.get(working(scan, inLine.get("pages").get(0), 0)).status());
  }
}
