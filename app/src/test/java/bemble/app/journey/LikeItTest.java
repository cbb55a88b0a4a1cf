package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** After a page comes another one for a sum like it. */
class LikeItTest extends Conversation {
  private static Talk.Answer like(long id) {
    return talk.post("/api/attempts/" + id + "/like", "");
  }

  @Test
  void anotherSumOfTheRungIsBegunInTheSameWay() {
    Map<String, Object> request =
        Map.of(
            "sum", Talk.sum("503 − 287", "exchange"),
            "who", "Neve",
            "settingOut", "OWN",
            "telling", "AT_END");
    long id = talk.post("/api/attempts", request).json().get("id").asLong();
    assertEquals(422, like(id).status(), "not before it is handed in");
    talk.post("/api/attempts/" + id + "/hand-in", Map.of());
    Talk.Answer answer = like(id);
    assertEquals(201, answer.status(), answer.text());
    JsonNode begun = answer.json();
    String plain = begun.at("/sum/plain").asText();
    assertTrue(plain.matches("[1-9]0\\d − \\d{3}"), plain);
    assertNotEquals("503 − 287", plain);
    assertEquals("exchange", begun.at("/sum/method").asText());
    assertEquals("Neve", begun.get("who").asText());
    assertEquals("OWN", begun.get("settingOut").asText());
    assertEquals("AT_END", begun.get("telling").asText());
    assertEquals(0, begun.get("strokes").size());
  }

  @Test
  void aSumThatNothingIsLikeIsRefusedInASentence() {
    long id = begin("1.234567 + 2.7", "column");
    talk.post("/api/attempts/" + id + "/hand-in", Map.of());
    Talk.Answer answer = like(id);
    assertEquals(422, answer.status());
    assertEquals(
        "There is no recipe for other sums like this one. “The same again” takes this one.",
        answer.detail());
    assertEquals(404, like(987_654).status());
  }
}
