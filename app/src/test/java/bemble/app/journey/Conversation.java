package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInfo;

/**
 * A conversation over HTTP with the Bemble that all tests share, emptied before where it says so.
 */
abstract class Conversation {
  static RunningApp app;
  static Talk talk;

  @BeforeAll
  static void start(TestInfo info) {
    app = RunningApp.of(info);
    talk = new Talk(app.address());
  }

  static long begin(String problem, String method) {
    Talk.Answer begun =
        talk.post("/api/attempts", Map.of("sum", Talk.sum(problem, method), "who", "Neve"));
    assertEquals(201, begun.status(), begun.text());
    return begun.json().get("id").asLong();
  }

  static Map<String, Object> stroke(int number, String kind, int row, int column, String text) {
    return Map.of(
        "number",
        number,
        "millis",
        100 * number,
        "kind",
        kind,
        "row",
        row,
        "column",
        column,
        "text",
        text);
  }

  static Talk.Answer write(long id, Object... strokes) {
    return talk.post("/api/attempts/" + id + "/strokes", Map.of("strokes", List.of(strokes)));
  }
}
