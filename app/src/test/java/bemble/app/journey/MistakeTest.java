package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The class's own mistake over HTTP. */
@BeginsEmpty
class MistakeTest extends Conversation {
  private static final Map<String, Object> SUM = Talk.sum("742 − 368", "exchange");

  private static Map<String, Object> asked(String slip, long seed) {
    return Map.of("slip", slip, "sums", List.of(SUM), "seed", seed);
  }

  @Test
  void aPageThatNobodyWroteGoesWrongAndDoesNotComeBack() {
    Talk.Answer answer = talk.post("/api/mistakes", asked("smaller-from-larger", 4));
    assertEquals(200, answer.status(), answer.text());
    JsonNode made = answer.json();
    assertNotEquals("742 − 368", made.at("/wrong/problem").asText());
    assertFalse(made.at("/wrong/check/cameBack").asBoolean());
    assertTrue(made.get("question").asText().endsWith("?"));
    assertTrue(made.get("squares").toString().contains(made.at("/first/0").toString()));
    assertEquals(3, made.get("after").size());
    JsonNode right = talk.post("/api/workings", made.at("/wrong/sum")).json();
    assertNotEquals(right.at("/answer/value"), made.at("/wrong/answer/value"));
    // No sentence says aloud what is not true.
    for (JsonNode step : made.at("/wrong/steps")) {
      String said = step.get("say").asText();
      boolean setOut = step.get("sectionKey").asText().startsWith("set-out");
      assertTrue(setOut || said.contains("was written") || said.startsWith("On this page"), said);
    }
    assertEquals(made, talk.post("/api/mistakes", asked("smaller-from-larger", 4)).json());
  }

  /** A number in the wrong columns is not said to stand ones under ones. */
  @Test
  void aPageThatWasSetOutWronglySaysOnlyWhatWasWrittenAndHasAnEmptyOneBeside() {
    Map<String, Object> sum = Talk.sum("926 + 86", "column");
    Map<String, Object> asked = Map.of("slip", "lined-up-left", "sums", List.of(sum), "seed", 4);
    JsonNode made = talk.post("/api/mistakes", asked).json();
    assertTrue(made.get("inSettingOut").asBoolean(), made::toString);
    assertFalse(made.at("/wrong/check/cameBack").asBoolean());
    for (JsonNode step : made.at("/wrong/steps")) {
      assertFalse(step.get("say").asText().contains("under"), step::toString);
    }
  }

  /** A slip is asked for by the name that it shares with its forms in other methods. */
  @Test
  void aSlipIsFoundByTheNameOfItsForms() {
    Map<String, Object> sum = Talk.sum("47 × 8", "column");
    Map<String, Object> asked =
        Map.of("slip", "tens-written-ones-carried", "sums", List.of(sum), "seed", 3);
    JsonNode made = talk.post("/api/mistakes", asked).json();
    assertEquals("tens-written-ones-carried", made.get("slip").asText(), made::toString);
  }

  /** A lesson that is against no slip in particular gets the likeliest one that shows. */
  @Test
  void withoutASlipTheLikeliestIsMade() {
    JsonNode made = talk.post("/api/mistakes", asked("", 2)).json();
    assertTrue(made.get("slip").asText().length() > 3, made::toString);
    assertFalse(made.at("/wrong/check/cameBack").asBoolean());
  }

  @Test
  void aVoteStandsInTheLogbookWithoutANameOfAnybody() {
    Map<String, Object> vote = new HashMap<>(Map.of("slip", "smaller-from-larger", "sum", SUM));
    vote.putAll(Map.of("votes", 12, "right", 7));
    assertEquals(204, talk.post("/api/mistakes/votes", vote).status());
    JsonNode entry = talk.get("/api/plan/log").json().at("/entries/0");
    assertEquals("VOTE", entry.get("kind").asText());
    assertEquals("742 − 368", entry.get("title").asText());
    assertEquals("12 votes, 7 for the first wrong square", entry.get("told").asText());
    vote.put("votes", 0);
    assertEquals(422, talk.post("/api/mistakes/votes", vote).status());
  }

  @Test
  void aNumberInTheWrongColumnsGivesWhatItGives() {
    JsonNode wrong = talk.post("/api/mistakes/lined-up", Talk.sum("34 + 21", "column")).json();
    assertTrue(wrong.get("say").asText().contains("gives 244, not 55"), wrong::toString);
    Talk.Answer refused = talk.post("/api/mistakes/lined-up", Talk.sum("34 × 21", "column"));
    assertEquals(422, refused.status());
    assertTrue(refused.detail().endsWith("."));
  }

  @Test
  void isSavedAsAStrip() {
    Talk.Answer pdf = talk.post("/api/mistakes/pdf", asked("smaller-from-larger", 4));
    assertEquals(200, pdf.status());
    assertTrue(new String(pdf.bytes(), 0, 5).startsWith("%PDF"));
  }

  @Test
  void refusesInASentenceWhatCannotBeMade() {
    for (String slip : List.of("daydreaming", "no-placeholder")) {
      Talk.Answer refused = talk.post("/api/mistakes", asked(slip, 1));
      assertEquals(422, refused.status(), slip);
      assertTrue(refused.detail().endsWith("."), refused.detail());
    }
    Talk.Answer none =
        talk.post("/api/mistakes", Map.of("slip", "no-placeholder", "sums", List.of()));
    assertEquals(422, none.status(), none.text());
  }
}
