package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One damaged record leaves all others as they are. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DamageTest {
  private RunningApp app;
  private Talk talk;

  @BeforeAll
  void start() {
    app = RunningApp.emptied();
    talk = new Talk(app.address());
  }

  private long id(String path, Map<String, Object> body) {
    return talk.post(path, body).json().get("id").asLong();
  }

  @Test
  void aPageThatCannotBeReadIsListedBesideTheOthers() {
    Map<String, Object> sum = Map.of("plain", "23 + 45");
    long good = id("/api/pages", Map.of("sum", sum, "title", "Good"));
    long bad = id("/api/pages", Map.of("sum", sum, "title", "Bad"));
    app.spoil("update page set plain = '23 + + 45' where id = " + bad);
    JsonNode pages = talk.get("/api/pages").json();
    assertEquals(List.of(bad, good), ids(pages));
    assertEquals("cannot be read", pages.at("/entries/0/methodName").asText());
    assertEquals(422, talk.get("/api/pages/" + bad).status());
    assertEquals(204, talk.delete("/api/pages/" + bad).status());
  }

  @Test
  void anAttemptThatCannotBeReadIsListedBesideTheOthers() {
    Map<String, Object> sum = Map.of("plain", "23 + 45");
    long bad = id("/api/attempts", Map.of("sum", sum));
    long good = id("/api/attempts", Map.of("sum", sum));
    app.spoil("update work set method = 'abacus', plain = '?' where id = " + bad);
    JsonNode attempts = talk.get("/api/attempts").json();
    assertTrue(ids(attempts).containsAll(List.of(good, bad)));
    assertTrue(attempts.toString().contains("This attempt cannot be read."));
  }

  @ParameterizedTest
  @CsvSource({"column, 99", "left-to-right, 1"})
  void anAttemptOnAnotherLayoutIsListedAndLeftAsItIs(String method, int layout) {
    Map<String, Object> sum = Map.of("plain", "23 + 45", "method", method);
    long other = id("/api/attempts", Map.of("sum", sum));
    app.spoil("update work set layout = " + layout + " where id = " + other);
    assertTrue(ids(talk.get("/api/attempts").json()).contains(other));
    // A page that is deleted and brought back is read anew.
    talk.delete("/api/attempts/" + other);
    talk.post("/api/attempts/" + other + "/restore", Map.of());
    Talk.Answer answer = talk.get("/api/attempts/" + other);
    assertEquals(409, answer.status());
    assertTrue(answer.detail().contains("another version of Bemble"), answer::detail);
  }

  private static List<Long> ids(JsonNode part) {
    return part.get("entries").findValues("id").stream().map(JsonNode::asLong).toList();
  }

  @Test
  void aCheckThatIsDeletedMadeAgainAndBroughtBackLeavesTheLaterOne() {
    long first = id("/api/attempts", Map.of("sum", Map.of("plain", "46 + 38")));
    List<Object> answer = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      Map<String, Object> where = Map.of("row", 4, "column", 2 - i, "text", i == 0 ? "4" : "8");
      Map<String, Object> stroke = new HashMap<>(where);
      stroke.putAll(Map.of("number", i, "millis", 900, "kind", "FIGURE"));
      answer.add(stroke);
    }
    talk.post("/api/attempts/" + first + "/strokes", Map.of("strokes", answer));
    assertEquals(200, talk.post("/api/attempts/" + first + "/hand-in", Map.of()).status());
    long check = id("/api/attempts/" + first + "/check", Map.of());
    talk.delete("/api/attempts/" + check);
    long again = id("/api/attempts/" + first + "/check", Map.of());
    talk.post("/api/attempts/" + check + "/restore", "");
    Talk.Answer opened = talk.get("/api/attempts/" + first);
    assertEquals(200, opened.status());
    assertEquals(again, opened.json().get("check").asLong());
  }

  @Test
  void whatAnotherVersionChoseIsSaidAndTheStandardStands() {
    app.spoil("update school_class set style = '{\"carryPosition\":\"ASIDE\"}'");
    JsonNode room = talk.get("/api/classes").json().get(0);
    assertEquals("carryPosition: ASIDE", room.at("/unknown/0").asText());
    assertEquals("ABOVE", room.at("/style/carryPosition").asText());
  }

  @Test
  void oneClassIsCurrentEvenWhereNoneOrSeveralWere() {
    talk.post("/api/classes", Map.of("name", "Seed Barn"));
    for (String all : List.of("false", "true")) {
      app.spoil("update school_class set current_class = " + all);
      long current =
          talk.get("/api/classes").json().findValues("current").stream()
              .filter(JsonNode::asBoolean)
              .count();
      assertEquals(1, current);
    }
  }
}
