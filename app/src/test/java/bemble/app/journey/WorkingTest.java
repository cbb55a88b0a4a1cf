package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import bemble.methods.Methods;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Workings of a running Bemble. */
class WorkingTest extends Conversation {
  /** Everything there is to say of a step comes with it or can be asked for, in the same order. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "378 + 256 + 41 | column",
        "58 + 67        | in-pairs",
        "5,003 − 1,268  | exchange",
        "403 − 187      | count-up",
        "57 × 38        | area",
        "34 × 203       | column",
        "4,236 ÷ 6      | long",
        "26 ÷ 6         | groups",
        "√94,249        | digit-pairs"
      })
  void everyStepHasItsSentenceAndItsOtherWords(String problem, String method) {
    Map<String, Object> sum = Talk.sum(problem, method);
    JsonNode working = talk.post("/api/workings", sum).json();
    List<JsonNode> steps = new ArrayList<>();
    working.get("steps").forEach(steps::add);
    working.at("/check/steps").forEach(steps::add);
    JsonNode words = talk.post("/api/workings/words", sum).json();
    assertEquals(steps.size(), words.size());
    for (int i = 0; i < steps.size(); i++) {
      String said = steps.get(i).get("say").asText();
      assertTrue(words.get(i).get("ask").asText().endsWith("?"), said);
      assertFalse(words.get(i).get("why").asText().isBlank(), said);
      assertTrue(words.get(i).get("brief").asText().length() <= said.length() + 12, said);
    }
  }

  @Test
  void theWordsOfASumThatCannotBeWorkedAreRefusedLikeTheSum() {
    for (String path : List.of("/api/workings", "/api/workings/words")) {
      assertEquals(422, talk.post(path, Map.of("plain", "8 +")).status());
      assertEquals(422, talk.post(path, Talk.sum("348 + 97", "dot-frames")).status());
    }
  }

  /** The screens learn from the working itself which of its methods can be tried on the Slate. */
  @Test
  void aMethodSaysWhetherItIsWritten() {
    List<String> written = new ArrayList<>();
    for (String problem : List.of("8 + 7", "83 − 47", "57 × 38", "84 ÷ 4", "√16")) {
      talk.post("/api/workings", Map.of("plain", problem))
          .json()
          .get("methods")
          .forEach(
              method -> {
                if (method.get("written").asBoolean()) {
                  written.add(method.get("id").asText());
                }
              });
    }
    Stream<String> drawn = Stream.of("blocks", "dot-frames", "blocks", "groups");
    List<String> all = new ArrayList<>(Methods.all().stream().map(Method::id).toList());
    drawn.forEach(all::remove);
    assertEquals(all, written);
  }
}
