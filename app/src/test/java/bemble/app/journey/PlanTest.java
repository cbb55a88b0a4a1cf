package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The plan, today and the logbook over HTTP. */
class PlanTest {
  private static final String RUNG = "subtraction-one-zero-crossed";

  /** A Monday that is still to come. */
  private static final LocalDate MONDAY =
      LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

  private RunningApp app;
  private Talk talk;

  @BeforeEach
  void start() {
    app = RunningApp.emptied();
    talk = new Talk(app.address());
  }

  private Talk.Answer lesson(LocalDate day, String rung) {
    return talk.post(
        "/api/plan/lessons", Map.of("day", day.toString(), "kind", "TEACH", "rung", rung));
  }

  private JsonNode planned(LocalDate day) {
    Talk.Answer planned = lesson(day, RUNG);
    assertEquals(201, planned.status(), planned.text());
    return planned.json();
  }

  private JsonNode day(LocalDate day) {
    JsonNode days = talk.get("/api/plan?weeks=1&from=" + day).json().get("days");
    for (JsonNode each : days) {
      if (each.get("day").asText().equals(day.toString())) {
        return each;
      }
    }
    throw new AssertionError(day);
  }

  private static Map<String, Object> change(JsonNode lesson, LocalDate day) {
    Map<String, Object> change = new HashMap<>();
    change.put("version", lesson.get("version").asInt());
    change.put("day", day.toString());
    change.put("title", lesson.get("title").asText());
    return change;
  }

  @Test
  void aLessonHasItsPartsWithinTheMinutesThereAre() {
    JsonNode lesson = planned(MONDAY);
    assertTrue(lesson.get("minutes").asInt() <= 45, lesson::toString);
    List<String> kinds = new ArrayList<>();
    lesson.get("parts").forEach(part -> kinds.add(part.get("kind").asText()));
    assertEquals(List.of("SHOW", "TOGETHER", "PRACTISE", "HOMEWORK"), kinds);
    assertEquals(lesson, day(MONDAY).at("/lessons/0"));
    int minutes = lesson.get("minutes").asInt();
    Talk.Answer next = lesson(MONDAY, RUNG);
    while (next.status() == 201) {
      minutes += next.json().get("minutes").asInt();
      next = lesson(MONDAY, RUNG);
    }
    assertTrue(next.detail().startsWith("Nothing more fits"), next.detail());
    assertTrue(minutes > 30 && minutes <= 45, minutes + " minutes");
  }

  @Test
  void changedPartsHaveTheMinutesOfTheirSums() {
    JsonNode lesson = planned(MONDAY);
    Map<String, Object> change = change(lesson, MONDAY);
    Map<String, Object> line = Map.of("rung", RUNG, "count", 2);
    change.put("parts", List.of(Map.of("kind", "PRACTISE", "lines", List.of(line))));
    JsonNode changed = talk.put("/api/plan/lessons/" + lesson.get("id"), change).json();
    assertEquals(1, changed.get("parts").size());
    assertEquals(changed.at("/parts/0/minutes").asInt(), changed.get("minutes").asInt());
    assertTrue(changed.get("minutes").asInt() < lesson.get("minutes").asInt());
  }

  @Test
  void aPartOpensItsSetEachTimeTheSame() {
    JsonNode lesson = planned(MONDAY);
    String path = "/api/plan/lessons/" + lesson.get("id").asLong() + "/parts/2";
    JsonNode opened = talk.post(path, "").json();
    assertEquals(opened, talk.post(path, "").json());
    JsonNode set = talk.get("/api/sets/" + opened.get("set").asLong() + "?version=A").json();
    int sums = lesson.at("/parts/2/lines/0/count").asInt();
    assertEquals(sums, set.get("sums").size());
    assertEquals(sums, opened.get("sums").size());
    assertEquals(opened.at("/sums/0/plain"), set.at("/sums/0/plain"));
    assertEquals(404, talk.post(path.replace("/2", "/9"), "").status());
  }

  @Test
  void whatIsHalfDoneOrMovedGoesOnOnTheNextFreeDay() {
    talk.put(
        "/api/plan/holidays", Map.of("day", MONDAY.plusDays(1).toString(), "name", "Bulb day"));
    JsonNode lesson = planned(MONDAY);
    String path = "/api/plan/lessons/" + lesson.get("id").asLong() + "/log";
    Map<String, Object> half = Map.of("version", 1, "state", "HALF", "note", "The bell rang.");
    JsonNode logged = talk.post(path, half).json();
    assertEquals("HALF", logged.get("state").asText());
    assertEquals("The bell rang.", logged.get("note").asText());
    JsonNode rest = day(MONDAY.plusDays(2)).at("/lessons/0");
    assertEquals("TOGETHER", rest.at("/parts/0/kind").asText());
    assertEquals("Bulb day", day(MONDAY.plusDays(1)).get("holiday").asText());
    talk.post(
        "/api/plan/lessons/" + rest.get("id").asLong() + "/log",
        Map.of("version", 1, "state", "MOVED"));
    assertEquals(
        rest.get("parts"), day(MONDAY.plusDays(3)).at("/lessons/0/parts"), "all of it moves");
    assertEquals(409, talk.post(path, half).status(), "seen before it was logged");
    talk.post(path, Map.of("version", 2, "state", "DONE"));
    assertEquals(0, day(MONDAY.plusDays(3)).get("lessons").size(), "it was done after all");
    assertEquals(0, day(MONDAY.plusDays(4)).get("lessons").size(), "nothing is left twice");
  }

  @Test
  void whatIsPlannedOnAHolidayMovesOnWhereThatIsWanted() {
    planned(MONDAY);
    planned(MONDAY.plusDays(1));
    Map<String, Object> free = Map.of("day", MONDAY.toString(), "name", "Bulb day");
    talk.put("/api/plan/holidays", free);
    assertEquals(1, day(MONDAY).get("lessons").size(), "nothing moves by itself");
    Map<String, Object> moving = new HashMap<>(free);
    moving.put("moveLessons", true);
    talk.put("/api/plan/holidays", moving);
    assertEquals(0, day(MONDAY).get("lessons").size());
    assertEquals(1, day(MONDAY.plusDays(2)).get("lessons").size());
  }

  @Test
  void aDayThatIsNoneIsSaidAndNothingIsLost() {
    for (String day : List.of("2027-02-30", "soon", "")) {
      Talk.Answer refused =
          talk.post("/api/plan/lessons", Map.of("day", day, "kind", "TEACH", "rung", RUNG));
      assertTrue(refused.status() == 422, refused.text());
      assertTrue(refused.detail().contains("day"), refused.detail());
    }
    assertEquals(422, talk.get("/api/plan?from=2027-13-01").status());
    LocalDate sunday = MONDAY.plusDays(6);
    assertTrue(lesson(sunday, RUNG).detail().contains("Sunday"));
    talk.put("/api/plan/timetable", Map.of("minutes", List.of(45, 45, 45, 45, 45, 0, 30)));
    assertEquals(201, lesson(sunday, RUNG).status());
    talk.put("/api/plan/holidays", Map.of("day", MONDAY.toString(), "name", "Bulb day"));
    assertTrue(lesson(MONDAY, RUNG).detail().contains("Bulb day"));
    JsonNode lesson = planned(MONDAY.plusDays(1));
    Talk.Answer refused = talk.put("/api/plan/lessons/" + lesson.get("id"), change(lesson, MONDAY));
    assertEquals(422, refused.status());
    assertEquals(lesson, day(MONDAY.plusDays(1)).at("/lessons/0"));
    talk.put("/api/plan/holidays", Map.of("day", MONDAY.toString()));
    assertEquals(201, lesson(MONDAY, RUNG).status());
    assertEquals(422, talk.put("/api/plan/timetable", Map.of("minutes", List.of(45, 45))).status());
  }

  @Test
  void ofTwoWindowsThatPlanOneDayTheLaterIsTold() {
    JsonNode lesson = planned(MONDAY);
    String path = "/api/plan/lessons/" + lesson.get("id").asLong();
    assertEquals(200, talk.put(path, change(lesson, MONDAY.plusDays(1))).status());
    Talk.Answer later = talk.put(path, change(lesson, MONDAY.plusDays(2)));
    assertEquals(409, later.status());
    assertTrue(later.detail().contains("another window"), later.detail());
    assertEquals(1, day(MONDAY.plusDays(1)).get("lessons").size());
  }

  @Test
  void aLessonComesAgainWeeklyButForHolidays() {
    JsonNode lesson = planned(MONDAY);
    talk.put(
        "/api/plan/holidays", Map.of("day", MONDAY.plusWeeks(2).toString(), "name", "Bulb day"));
    talk.post("/api/plan/lessons/" + lesson.get("id") + "/repeat", Map.of("weeks", 3));
    assertEquals(1, day(MONDAY.plusWeeks(1)).get("lessons").size());
    assertEquals(0, day(MONDAY.plusWeeks(2)).get("lessons").size());
    assertEquals(1, day(MONDAY.plusWeeks(3)).get("lessons").size());
  }

  @Test
  void todayIsTheNextLessonWhatWaitsAndWhomToLookAt() {
    JsonNode today = talk.get("/api/plan/today").json();
    assertFalse(today.get("planned").asBoolean());
    JsonNode roll = talk.post("/api/roll", Map.of("names", "Neve\nBram")).json();
    Map<String, Object> sum = Map.of("plain", "52 − 27", "method", "exchange");
    talk.post("/api/handouts", Map.of("title", "Bulb crates", "sums", List.of(sum)));
    talk.put(
        "/api/register/standings",
        Map.of(
            "decisions",
            List.of(
                Map.of(
                    "pupil", roll.at("/0/id").asLong(), "rung", RUNG, "standing", "LOOK_AGAIN"))));
    planned(MONDAY.plusDays(1));
    planned(MONDAY);
    today = talk.get("/api/plan/today").json();
    assertTrue(today.get("planned").asBoolean());
    assertEquals(MONDAY.toString(), today.at("/next/day").asText());
    assertEquals("Bulb crates", today.at("/waiting/0/title").asText());
    assertEquals(RUNG, today.at("/again/0/rung/id").asText());
    assertEquals(roll.at("/0/name"), today.at("/again/0/pupils/0"));
  }

  /** Hands sums of a rung out so many days ago, which some pupils have right. */
  private void worked(JsonNode roll, int daysAgo, List<String> sums, int right) {
    List<Object> asked = new ArrayList<>();
    sums.forEach(sum -> asked.add(Map.of("plain", sum, "method", "column")));
    String day = LocalDate.now().minusDays(daysAgo).toString();
    long id =
        talk.post(
                "/api/handouts",
                Map.of("title", "Beds", "sums", asked, "terms", Map.of("givenOn", day)))
            .json()
            .get("id")
            .asLong();
    List<Object> cells = new ArrayList<>();
    for (int pupil = 0; pupil < roll.size(); pupil++) {
      for (int i = 0; i < sums.size(); i++) {
        String[] parts = sums.get(i).split(" \\+ ");
        int total = Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]);
        int given = pupil < right ? total : total + 3;
        long id0 = roll.at("/" + pupil + "/id").asLong();
        cells.add(Map.of("pupil", id0, "number", i, "given", String.valueOf(given)));
      }
    }
    talk.put("/api/handouts/" + id + "/answers", Map.of("cells", cells));
  }

  @Test
  void eachProposalSaysWhyAndATeacherChoosesWhenToGoOn() {
    JsonNode roll =
        talk.post("/api/roll", Map.of("names", "Averil\nBram\nCaio\nFenn\nIdony")).json();
    JsonNode plan = talk.get("/api/plan").json();
    assertEquals("BEGIN", plan.at("/proposals/0/why").asText());
    assertEquals("All 5 are ready to begin addition.", plan.at("/proposals/0/reason").asText());
    worked(roll, 3, List.of("31 + 24", "52 + 16", "43 + 35", "61 + 27"), 3);
    plan = talk.get("/api/plan").json();
    assertEquals("GO_ON", plan.at("/proposals/0/why").asText());
    assertEquals(
        "3 of 5 are nearly sure of the rungs that it needs, so it is time to go on."
            + " The other 2 meet them in the openers.",
        plan.at("/proposals/0/reason").asText());
    assertEquals("5 are not sure yet.", plan.at("/opener/0/reason").asText());
    talk.put("/api/plan/shares", Map.of("opener", 30, "half", 80, "third", 40));
    plan = talk.get("/api/plan").json();
    assertEquals("NOT_YET", plan.at("/proposals/0/why").asText());
    assertEquals(
        "Had on one day so far: 3 of 5 are nearly sure, so it is too early to go on.",
        plan.at("/proposals/0/reason").asText());
    assertEquals(80, plan.at("/shares/half").asInt());
    assertTrue(plan.at("/shares/rules").toString().contains("goes on when 80 %"));
    for (Object bad : List.of(-1, 101, "much")) {
      Talk.Answer refused =
          talk.put("/api/plan/shares", Map.of("opener", 20, "half", bad, "third", 33));
      assertTrue(refused.status() == 400 || refused.status() == 422, refused.text());
    }
    assertEquals(80, talk.get("/api/plan").json().at("/shares/half").asInt());
  }

  /** Pupils who were left behind get a part of their own, by their names, and keep it. */
  @Test
  void aLessonHasAPartForAGroup() {
    JsonNode roll = talk.post("/api/roll", Map.of("names", "Averil\nBram\nCaio")).json();
    worked(roll, 20, List.of("31 + 24", "52 + 16", "43 + 35", "61 + 27"), 2);
    JsonNode lesson = lesson(MONDAY, "addition-ones-carry").json();
    JsonNode group = null;
    for (JsonNode part : lesson.get("parts")) {
      group = part.get("pupils").isEmpty() ? group : part;
    }
    assertEquals("[\"Caio\"]", group.get("names").toString());
    assertEquals("addition-two-figures", group.at("/lines/0/rung").asText());
    Map<String, Object> change = change(lesson, MONDAY);
    Map<String, Object> line = Map.of("rung", "addition-two-figures", "count", 3);
    List<Long> some = List.of(group.at("/pupils/0").asLong(), 4711L);
    change.put(
        "parts", List.of(Map.of("kind", "PRACTISE", "lines", List.of(line), "pupils", some)));
    JsonNode changed = talk.put("/api/plan/lessons/" + lesson.get("id"), change).json();
    assertEquals("[\"Caio\"]", changed.at("/parts/0/names").toString());
    assertEquals(0, changed.get("minutes").asInt(), "the others are not held up by it");
  }

  /** A second lesson on the day after: what is planned is not proposed again. */
  @Test
  void whatIsPlannedIsNotProposedAgain() {
    talk.post("/api/roll", Map.of("names", "Averil\nBram"));
    JsonNode first = talk.get("/api/plan").json().at("/proposals/0");
    lesson(MONDAY, first.get("rung").asText());
    JsonNode next = talk.get("/api/plan").json().at("/proposals/0");
    assertEquals("AHEAD", next.get("why").asText());
    assertFalse(next.get("rung").equals(first.get("rung")));
  }

  @Test
  void theLogbookHoldsWhatWasDoneAndIsSearched() {
    talk.post("/api/roll", Map.of("names", "Neve"));
    Map<String, Object> sum = Map.of("plain", "52 − 27", "method", "exchange");
    talk.post("/api/handouts", Map.of("title", "Bulb crates", "sums", List.of(sum)));
    JsonNode lesson = planned(MONDAY);
    assertEquals(1, talk.get("/api/plan/log").json().get("entries").size(), "planned is not done");
    talk.post(
        "/api/plan/lessons/" + lesson.get("id") + "/log",
        Map.of("version", 1, "state", "DONE", "note", "Neve explained the frost fence."));
    JsonNode entries = talk.get("/api/plan/log").json().get("entries");
    assertEquals("LESSON", entries.at("/0/kind").asText());
    assertEquals("DONE", entries.at("/0/told").asText());
    assertEquals("HANDOUT", entries.at("/1/kind").asText());
    JsonNode found = talk.get("/api/plan/log?search=FROST").json();
    assertEquals(1, found.get("entries").size());
    assertEquals(entries.at("/0"), found.at("/entries/0"));
    assertEquals(0, talk.get("/api/plan/log?search=%25").json().get("entries").size());
    assertEquals(1, talk.get("/api/plan/log?skipped=1").json().get("entries").size());
  }

  @Test
  void theYearCountsWhoWasSureWeekByWeek() {
    assertEquals(0, talk.get("/api/plan/year").json().get("weeks").size());
    JsonNode roll = talk.post("/api/roll", Map.of("names", "Neve")).json();
    for (int weeks : new int[] {3, 2}) {
      List<Object> sums = new ArrayList<>();
      List<Object> cells = new ArrayList<>();
      for (int i = 0; i < 5; i++) {
        sums.add(Map.of("plain", 52 + i + " − 27", "method", "exchange"));
        cells.add(
            Map.of(
                "pupil", roll.at("/0/id").asLong(), "number", i, "given", String.valueOf(25 + i)));
      }
      String day = LocalDate.now().minusWeeks(weeks).toString();
      Map<String, Object> terms = Map.of("givenOn", day);
      long id =
          talk.post("/api/handouts", Map.of("title", "Beds", "sums", sums, "terms", terms))
              .json()
              .get("id")
              .asLong();
      talk.put("/api/handouts/" + id + "/answers", Map.of("cells", cells));
    }
    JsonNode year = talk.get("/api/plan/year").json();
    assertEquals(4, year.get("weeks").size());
    assertEquals(1, year.get("pupils").asInt());
    assertEquals("subtraction-two-from-two", year.at("/rungs/0/rung/id").asText());
    assertEquals("[0,1,1,1]", year.at("/rungs/0/sure").toString());
  }

  @Test
  void theCalendarFileHasLessonsAndHolidays() {
    JsonNode lesson = planned(MONDAY);
    talk.put(
        "/api/plan/holidays", Map.of("day", MONDAY.plusDays(1).toString(), "name", "Bulb day"));
    String file = talk.get("/api/plan/calendar").text();
    assertTrue(file.startsWith("BEGIN:VCALENDAR"), file);
    assertTrue(file.contains("SUMMARY:" + lesson.get("title").asText()), file);
    assertTrue(file.contains("DTSTART;VALUE=DATE:" + MONDAY.toString().replace("-", "")), file);
    assertTrue(file.contains("SUMMARY:Bulb day"), file);
    List<String> begins = List.of("09:15", "", "", "", "", "", "");
    List<Integer> minutes = List.of(45, 45, 45, 45, 45, 0, 0);
    Map<String, Object> hours = Map.of("minutes", minutes, "begins", begins);
    assertEquals(204, talk.put("/api/plan/timetable", hours).status());
    String monday = MONDAY.toString().replace("-", "");
    String timed = talk.get("/api/plan/calendar").text();
    assertTrue(timed.contains("DTSTART:" + monday + "T091500"), timed);
    List<String> none = List.of("9 o'clock", "", "", "", "", "", "");
    assertEquals(
        422, talk.put("/api/plan/timetable", Map.of("minutes", minutes, "begins", none)).status());
  }

  @Test
  void todayTellsOfTheOtherClassesToo() {
    planned(MONDAY);
    JsonNode rooms = talk.post("/api/classes", Map.of("name", "Greenhouse")).json();
    String id = rooms.at(rooms.at("/0/current").asBoolean() ? "/1/id" : "/0/id").asText();
    talk.post("/api/classes/" + id + "/current", "");
    JsonNode other = talk.get("/api/plan/today").json().at("/others/0");
    assertEquals("My class", other.get("name").asText());
    assertEquals(MONDAY.toString(), other.get("next").asText());
    assertEquals(1, other.get("lessons").size());
    assertEquals(0, other.get("waiting").asInt());
  }

  @Test
  void aDeletedLessonComesBack() {
    JsonNode lesson = planned(MONDAY);
    String path = "/api/plan/lessons/" + lesson.get("id").asLong();
    assertEquals(204, talk.delete(path).status());
    assertEquals(0, day(MONDAY).get("lessons").size());
    assertEquals(204, talk.post(path + "/restore", "").status());
    assertEquals(lesson, day(MONDAY).at("/lessons/0"));
  }
}
