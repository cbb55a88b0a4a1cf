package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The classes of a running Bemble. */
class HouseTest {

  private static JsonNode named(JsonNode classes, String name) {
    for (JsonNode each : classes) {
      if (each.get("name").asText().equals(name)) {
        return each;
      }
    }
    throw new AssertionError(name + " in " + classes);
  }

  @Test
  void twoWindowsDoNotOverwriteEachOther() {
    Talk talk = new Talk(RunningApp.emptied().address());
    JsonNode mine = talk.get("/api/classes").json().get(0);
    String path = "/api/classes/" + mine.get("id").asLong();
    int version = mine.get("version").asInt();
    Map<String, Object> first =
        Map.of("name", "Owls", "style", Map.of("exchangeWord", "TRADE"), "version", version);
    assertEquals(200, talk.put(path, first).status());
    Map<String, Object> second =
        Map.of("name", "Mine", "style", Map.of("exchangeWord", "BORROW"), "version", version);
    Talk.Answer refused = talk.put(path, second);
    assertEquals(409, refused.status());
    assertTrue(refused.detail().contains("changed in another window"));
    JsonNode now = named(talk.get("/api/classes").json(), "Owls");
    assertEquals("TRADE", now.at("/style/exchangeWord").asText());
  }

  @Test
  void aClassIsAddedRemovedAndBroughtBackAndItsStyleSurvivesARestart() {
    RunningApp app = RunningApp.emptied();
    Talk talk = new Talk(app.address());
    JsonNode all =
        talk.post(
                "/api/classes",
                Map.of("name", "Seed Barn", "style", Map.of("firstPlaceWord", "UNITS")))
            .json();
    long id = named(all, "Seed Barn").get("id").asLong();
    talk.post("/api/classes/" + id + "/current", "");
    assertEquals(1, talk.delete("/api/classes/" + id).json().size());
    assertTrue(talk.get("/api/classes").json().get(0).get("current").asBoolean());
    Talk.Answer last = talk.delete("/api/classes/1");
    assertEquals(422, last.status());
    assertTrue(last.detail().contains("only class"));
    assertEquals(2, talk.post("/api/classes/" + id + "/restore", "").json().size());
    talk.post("/api/classes/" + id + "/current", "");
    assertEquals(422, talk.post("/api/classes", Map.of("name", " ")).status());
    assertEquals(404, talk.delete("/api/classes/99").status());
    app.close();
    app.again();
    JsonNode working = talk.post("/api/workings", Map.of("plain", "8 + 7")).json();
    assertTrue(working.at("/steps/2/say").asText().contains("15 units"));
  }

  @Test
  void whatCannotLiveTogetherOrIsNoSentenceIsRefusedWithAReason() {
    Talk talk = new Talk(RunningApp.emptied().address());
    Talk.Answer clash =
        talk.put(
            "/api/classes/1",
            Map.of("name", "A", "version", 1, "style", Map.of("decimalMark", "COMMA")));
    assertEquals(422, clash.status());
    assertTrue(clash.detail().contains("Choose a thin space or no thousands mark first."));
    Map<String, String> nothing =
        Map.of("carryPosition", "KEPT_IN_MIND", "writingOrder", "MOVING_FIRST");
    Talk.Answer order =
        talk.put("/api/classes/1", Map.of("name", "A", "version", 1, "style", nothing));
    assertEquals(422, order.status());
    assertTrue(order.detail().contains("so it cannot be written first"), order::detail);
    Map<String, Object> style = Map.of("sentences", Map.of("take", "We eat {cake}."));
    Talk.Answer fill =
        talk.put("/api/classes/1", Map.of("name", "A", "version", 1, "style", style));
    assertEquals(422, fill.status());
    assertTrue(fill.detail().contains("no fill-in called “cake”"), fill.detail());
    assertTrue(fill.detail().contains("bottom, left, top"), fill.detail());
    assertFalse(talk.get("/api/classes").text().contains("cake"));
  }

  @Test
  void aLineIsReadWithTheMarksOfTheClass() {
    Talk talk = new Talk(RunningApp.emptied().address());
    Map<String, Object> style = Map.of("thousandsMark", "THIN_SPACE", "decimalMark", "COMMA");
    JsonNode working =
        talk.post("/api/workings", Map.of("plain", "6 203,5 + 1,25", "style", style)).json();
    assertEquals("6\u2009203,5 + 1,25", working.get("problem").asText());
    assertEquals("6203.5 + 1.25", working.at("/sum/plain").asText());
    assertEquals("6204.75", working.at("/answer/value").asText());
    JsonNode finding =
        talk.post(
                "/api/working-checks",
                Map.of(
                    "sum",
                    Map.of("plain", "6203.5 + 1.25", "style", style),
                    "lines",
                    Map.of("ANSWER-4", "6 204,75")))
            .json();
    assertFalse(finding.has("wrong"), finding.toString());
  }
}
