package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The demo data that a teacher finds who tries Bemble. */
class DemoTest {
  private static void hasEightWeeksBehindIt(Talk talk) {
    for (JsonNode room : talk.get("/api/classes").json()) {
      talk.post("/api/classes/" + room.get("id") + "/current", "");
      JsonNode register = talk.get("/api/register").json();
      for (String standing : List.of("BEGUN", "NEARLY", "SURE", "LOOK_AGAIN")) {
        assertTrue(
            register.findValuesAsText("standing").contains(standing),
            () -> room.get("name") + " has nobody who is " + standing);
      }
      assertTrue(register.get("slips").size() >= 3, () -> register.get("slips").toString());
      JsonNode today = talk.get("/api/plan/today").json();
      assertTrue(today.get("planned").asBoolean(), today::toString);
      List<String> log = talk.get("/api/plan/log").json().findValuesAsText("kind");
      assertTrue(Collections.frequency(log, "LESSON") >= 20, log::toString);
      assertTrue(Collections.frequency(log, "HANDOUT") >= 10, log::toString);
      JsonNode year = talk.get("/api/plan/year").json();
      assertTrue(year.get("weeks").size() >= 8, year::toString);
      int first = 0;
      int last = 0;
      for (JsonNode rung : year.get("rungs")) {
        first += rung.get("sure").get(1).asInt();
        last += rung.get("sure").get(year.get("weeks").size() - 1).asInt();
      }
      assertTrue(last > 2 * first, "standings rise from " + first + " to " + last);
    }
  }

  @Test
  void hasPupilsHandoutsRunsAndSets(@TempDir Path folder) {
    try (RunningApp app = new RunningApp(folder.resolve("demo"), true)) {
      Talk talk = new Talk(app.address());
      assertEquals(24, talk.get("/api/roll").json().size());
      JsonNode handouts = talk.get("/api/handouts").json();
      int total = handouts.get("total").asInt();
      assertTrue(
          20 <= total && total <= 22, "those of this week are given as it goes by: " + total);
      assertEquals(0, handouts.at("/entries/0/answers").asInt(), "one waits");
      int half = handouts.at("/entries/1/answers").asInt();
      assertTrue(
          half >= 13 * 8 && half < 24 * 8, "one is half marked, some of it by a run: " + half);
      assertEquals(24 * 12, handouts.at("/entries/2/answers").asInt());
      assertEquals(3, talk.get("/api/runs").json().get("total").asInt());
      assertEquals(12, talk.get("/api/sets").json().get("total").asInt());
      hasEightWeeksBehindIt(talk);
    }
  }
}
