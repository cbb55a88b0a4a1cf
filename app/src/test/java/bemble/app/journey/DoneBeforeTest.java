package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Changes that a screen sends again because Bemble was stopped before it could answer. */
class DoneBeforeTest {
  private static final String KEY = "Bemble-Request";

  private static void startAnew(RunningApp app) {
    app.close();
    app.again();
  }

  @Test
  void isNotDoneTwice() {
    RunningApp app = RunningApp.emptied();
    Talk talk = new Talk(app.address());
    Talk keyed = talk.with(KEY, "one");
    assertEquals(201, keyed.post("/api/classes", Map.of("name", "Cold Frame")).status());
    startAnew(app);
    Talk.Answer again = keyed.post("/api/classes", Map.of("name", "Cold Frame"));
    assertEquals(409, again.status());
    assertTrue(again.detail().contains("not done a second time"), again::detail);
    assertEquals(2, talk.get("/api/classes").json().size());
  }

  @Test
  void isDoneWhereItWasRefusedOrOnlyAskedFor() {
    RunningApp app = RunningApp.emptied();
    Talk keyed = new Talk(app.address()).with(KEY, "two");
    assertEquals(422, keyed.post("/api/classes", Map.of("name", " ")).status());
    assertEquals(200, keyed.post("/api/workings", Map.of("plain", "8 + 7")).status());
    startAnew(app);
    assertEquals(200, keyed.post("/api/workings", Map.of("plain", "8 + 7")).status());
    assertEquals(201, keyed.post("/api/classes", Map.of("name", "Seed trays")).status());
  }

  @Test
  void isDoneTwiceWhereThatComesToTheSame() {
    RunningApp app = RunningApp.emptied();
    Talk talk = new Talk(app.address());
    Map<String, Object> page = Map.of("sum", Talk.sum("46+38", "column"), "who", "");
    String strokes =
        "/api/attempts/" + talk.post("/api/attempts", page).json().get("id").asLong() + "/strokes";
    Talk keyed = talk.with(KEY, "three");
    Map<String, Object> body =
        Map.of("strokes", List.of(Conversation.stroke(0, "FIGURE", 4, 2, "4")));
    assertTrue(keyed.post(strokes, body).status() < 300);
    startAnew(app);
    assertTrue(keyed.post(strokes, body).status() < 300);
  }
}
