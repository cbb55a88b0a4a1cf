package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Recipes over HTTP. */
class RecipeTest extends Conversation {
  private static final List<Object> THREE_AND_TWO =
      List.of(
          Map.of("figures", Map.of("from", 3, "to", 3)),
          Map.of("figures", Map.of("from", 2, "to", 3), "of", "123456789"));

  private static Map<String, Object> recipe(Map<String, Object> wishes) {
    return Map.of("operation", "SUBTRACTION", "numbers", THREE_AND_TWO, "wishes", wishes);
  }

  private static Map<String, Object> from(int least) {
    return Map.of("from", least);
  }

  private static Map<String, Object> exactly(int count) {
    return Map.of("from", count, "to", count);
  }

  @Test
  void countsAndDrawsTheSumsThatFit() {
    Map<String, Object> recipe = recipe(Map.of("exchanges", exactly(2), "zerosCrossed", from(1)));
    Talk.Answer counted = talk.post("/api/recipes/count", recipe);
    assertEquals(200, counted.status(), counted.text());
    int count = 0;
    for (int top = 100; top < 1000; top++) {
      for (int below = 11; below <= top; below++) {
        boolean zeros = String.valueOf(below).indexOf('0') >= 0;
        count += !zeros && top / 10 % 10 == 0 && top % 10 < below % 10 ? 1 : 0;
      }
    }
    assertEquals(String.valueOf(count), counted.json().get("count").asText());
    assertTrue(counted.json().path("clash").isMissingNode());

    Map<String, Object> request = Map.of("recipe", recipe, "count", 20, "seed", 7);
    JsonNode sums = talk.post("/api/recipes/draw", request).json().get("sums");
    assertEquals(sums, talk.post("/api/recipes/draw", request).json().get("sums"));
    Set<String> drawn = new HashSet<>();
    for (JsonNode sum : sums) {
      assertTrue(sum.asText().matches("\\d0\\d − [1-9]{2,3}"), sum::asText);
      assertEquals(200, talk.post("/api/workings", Map.of("plain", sum.asText())).status());
      drawn.add(sum.asText());
    }
    assertEquals(20, drawn.size());
  }

  @Test
  void theCountIsAWholeNumberOfAnySize() {
    Object twelve = Map.of("figures", exactly(12));
    JsonNode answer =
        talk.post(
                "/api/recipes/count",
                Map.of("operation", "ADDITION", "numbers", List.of(twelve, twelve, twelve)))
            .json();
    BigInteger each = BigInteger.TEN.pow(11).multiply(BigInteger.valueOf(9));
    assertEquals(each.pow(3).toString(), answer.get("count").asText());
  }

  @Test
  void saysWhichTwoWishesClash() {
    Map<String, Object> wishes =
        Map.of("exchanges", exactly(1), "zerosCrossed", from(1), "zerosGiven", from(1));
    JsonNode answer = talk.post("/api/recipes/count", recipe(wishes)).json();
    assertEquals("0", answer.get("count").asText());
    assertEquals(
        "“exactly 1 exchange” and “at least 1 zero crossed in a row” cannot be had together.",
        answer.get("clash").asText());
    Map<String, Object> request = Map.of("recipe", recipe(wishes), "count", 5);
    assertEquals(0, talk.post("/api/recipes/draw", request).json().get("sums").size());
  }

  @Test
  void everyTraitCanBeSaid() {
    JsonNode traits = talk.get("/api/recipes/traits").json();
    assertTrue(traits.size() > 25, traits.size() + " traits");
    for (JsonNode trait : traits) {
      assertTrue(trait.get("words").asText().matches("[^{}]{6,60}"), trait::toString);
    }
    JsonNode said = talk.post("/api/recipes/count", recipe(Map.of("exchanges", exactly(2)))).json();
    assertEquals("exactly 2 exchanges", said.at("/wishes/exchanges").asText());
  }

  @Test
  void drawsRootsToTheirPlaces() {
    Map<String, Object> recipe =
        Map.of(
            "operation",
            "ROOT",
            "numbers",
            List.of(Map.of("figures", exactly(3))),
            "places",
            2,
            "wishes",
            Map.of("exact", Map.of("to", 0)));
    JsonNode sums =
        talk.post("/api/recipes/draw", Map.of("recipe", recipe, "count", 3, "seed", 1)).json();
    for (JsonNode sum : sums.get("sums")) {
      assertTrue(sum.asText().matches("√\\d{3} to 2 places"), sum::asText);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{}                                                            | Say what is to be done",
        "{\"operation\":\"DIVISION\"}                                  | every other sum has two",
        "{\"operation\":\"ROOT\",\"numbers\":[{}]}                     | Each number needs a size",
        "{\"operation\":\"ROOT\",\"numbers\":[{\"figures\":{\"to\":9}}]}    | too long",
        "{\"operation\":\"ROOT\",\"numbers\":[{\"figures\":{\"to\":0}}]}    | holds nothing",
        "{\"operation\":\"ROOT\",\"numbers\":[{\"figures\":{\"to\":3},\"of\":\"1a\"}]} | “1a”",
        "{\"operation\":\"ROOT\",\"numbers\":[{\"figures\":{\"to\":3}}],\"wishes\":{\"carries\":{}}}"
            + " | Conditions are: exact, zerosInRoot, rootFigures",
        "{\"operation\":\"ROOT\",\"numbers\":[{\"figures\":{\"to\":3}}],\"places\":13} | 12 at most"
      })
  void refusesWhatIsNoRecipeInASentence(String body, String said) {
    Talk.Answer answer =
        talk.send(
            "/api/recipes/count",
            "application/json",
            body.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    assertEquals(422, answer.status(), answer.text());
    assertTrue(answer.detail().contains(said), answer::detail);
  }

  @Test
  void refusesToDrawNoneOrTooMany() {
    for (int count : List.of(0, 1001)) {
      Map<String, Object> request = Map.of("recipe", recipe(Map.of()), "count", count);
      assertEquals(422, talk.post("/api/recipes/draw", request).status());
    }
  }
}
