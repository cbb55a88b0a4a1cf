package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A check on the Slate is decided, and a page with mistakes is mended on another. */
class CheckOnSlateTest extends Conversation {
  /** The square of the first figure of full size. */
  private static JsonNode ones(JsonNode path) {
    for (JsonNode point : path) {
      if (point.get("kind").asText().equals("FIGURE")) {
        return point.get("at");
      }
    }
    throw new AssertionError(path);
  }

  private static void answer(long id, String figures) {
    JsonNode attempt = talk.get("/api/attempts/" + id).json();
    JsonNode ones = ones(attempt.get("path"));
    int first = attempt.get("strokes").size();
    List<Object> strokes = new ArrayList<>();
    for (int i = 0; i < figures.length(); i++) {
      String text = figures.substring(figures.length() - 1 - i, figures.length() - i);
      int column = ones.get("column").asInt() - i;
      strokes.add(stroke(first + i, "FIGURE", ones.get("row").asInt(), column, text));
    }
    assertEquals(200, write(id, strokes.toArray()).status());
  }

  private static JsonNode handIn(long id, Boolean cameBack) {
    Map<String, Object> page = cameBack == null ? Map.of() : Map.of("cameBack", cameBack);
    return talk.post("/api/attempts/" + id + "/hand-in", page).json();
  }

  /** 634 − 218 answered rightly or not, and its check added rightly or not. */
  @ParameterizedTest
  @CsvSource({
    "416, 634, true, true, this page proves the first one",
    "416, 634, false, true, it did come back",
    "424, 642, true, false, it did not come back",
    "424, 642, false, false, the check has found a slip",
    "416, 624, false, false, the check has found a slip",
    "424, 634, true, true, this page proves the first one"
  })
  void aCheckIsHeldAgainstTheNumberThatItShouldComeBackTo(
      String answer, String back, boolean said, boolean cameBack, String sentence) {
    long id = begin("634 − 218", "exchange");
    answer(id, answer);
    handIn(id, null);
    long check = talk.post("/api/attempts/" + id + "/check", "").json().get("id").asLong();
    answer(check, back);
    Talk.Answer undecided = talk.post("/api/attempts/" + check + "/hand-in", Map.of());
    assertEquals(422, undecided.status());
    assertTrue(undecided.detail().contains("whether the check came back"));
    JsonNode decision = handIn(check, said).get("decision");
    assertEquals(cameBack, decision.get("cameBack").asBoolean());
    assertEquals(said, decision.get("said").asBoolean());
    assertTrue(decision.get("sentence").asText().contains(sentence), decision.toString());
    JsonNode again = talk.get("/api/attempts/" + check).json();
    assertEquals(decision, again.get("decision"));
  }

  /** 214 ÷ 7 = 30 remainder 4: the product alone should come back to 210. */
  @Test
  void theProductOfADivisionWithARemainderComesBackWithoutIt() {
    long id = begin("214 ÷ 7", "short");
    List<Object> strokes = new ArrayList<>();
    JsonNode truth = talk.post("/api/pupils", pupil("214 ÷ 7", "short")).json();
    for (JsonNode each : truth.get("strokes")) {
      strokes.add(each);
    }
    assertEquals(200, write(id, strokes.toArray()).status());
    handIn(id, null);
    long check = talk.post("/api/attempts/" + id + "/check", "").json().get("id").asLong();
    answer(check, "210");
    assertTrue(handIn(check, true).at("/decision/cameBack").asBoolean());
  }

  private static Map<String, Object> pupil(String plain, String method) {
    return Map.of("sum", Map.of("plain", plain, "method", method), "slips", List.of());
  }

  @Test
  void aPageWithoutAWholeAnswerHasNothingToCheck() {
    long id = begin("634 − 218", "exchange");
    answer(id, "16");
    handIn(id, null);
    Talk.Answer refused = talk.post("/api/attempts/" + id + "/check", "");
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("nothing to check"));
  }

  @Test
  void aPageIsMendedOnAnotherAndBothAreKept() {
    long id = begin("634 − 218", "exchange");
    answer(id, "424");
    assertEquals(422, talk.post("/api/attempts/" + id + "/mend", "").status());
    handIn(id, null);
    Talk.Answer mending = talk.post("/api/attempts/" + id + "/mend", "");
    assertEquals(201, mending.status());
    long mended = mending.json().get("id").asLong();
    assertEquals(id, mending.json().get("mends").asLong());
    assertEquals(3, mending.json().get("strokes").size());
    answer(mended, "416");
    assertTrue(handIn(mended, null).at("/report/allRight").asBoolean());
    assertFalse(talk.get("/api/attempts/" + id).json().at("/report/allRight").asBoolean());
  }
}
