package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Workings done elsewhere, in the ways in which people write their answers. */
class ElsewhereTest extends Conversation {
  private static JsonNode check(String sum, String method, String role, String text) {
    JsonNode lines = talk.post("/api/working-lines", Talk.sum(sum, method)).json();
    for (JsonNode line : lines) {
      String key = line.get("key").asText();
      if (key.startsWith(role)) {
        Map<String, Object> body = Map.of("sum", Talk.sum(sum, method), "lines", Map.of(key, text));
        return talk.post("/api/working-checks", body).json();
      }
    }
    throw new AssertionError(role + " is no line of " + lines);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "436 ÷ 24       | long   | QUOTIENT | 18 r 4         |",
        "436 ÷ 24       | long   | QUOTIENT | 18 remainder 4 |",
        "436 ÷ 24       | long   | QUOTIENT | 18             |",
        "436 ÷ 24       | long   | QUOTIENT | 18 r 6         | REMAINDER",
        "436 ÷ 24       | long   | QUOTIENT | 17 r 4         | QUOTIENT",
        "√7 to 2 places | digit-pairs | ROOT | 2.64         |",
        "√7 to 2 places | digit-pairs | ROOT | 2.65         |",
        "√7 to 2 places | digit-pairs | ROOT | 2.66         | ROOT",
        "√1380          | digit-pairs | ROOT | 37 r 11       |",
        "√1380          | digit-pairs | ROOT | 37 r 10       | REMAINDER",
        "870 + 464      | column | ANSWER   | 1,334          |",
        "870 + 464      | column | ANSWER   | 1 334          |"
      })
  void anAnswerIsReadAsPeopleWriteIt(
      String sum, String method, String role, String text, String wrong) {
    JsonNode finding = check(sum, method, role, text);
    String found = finding.path("wrong").asText("").replaceAll("[^A-Z].*", "");
    assertEquals(wrong == null ? "" : wrong, found, finding::toString);
  }

  /** Parts of one line have names of their own, and totals on the way are not the answer. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "487 + 215    | left-to-right | Part 1, Part 2, Part 3, Answer",
        "58 + 67 + 94 | in-pairs      | Total so far 1, Answer",
        "57 × 38      | column        | Row 1, Row 2, Answer"
      })
  void theLinesOfAPageAreNamed(String sum, String method, String names) {
    JsonNode lines = talk.post("/api/working-lines", Talk.sum(sum, method)).json();
    assertEquals(names, String.join(", ", lines.findValuesAsText("name")));
  }

  @Test
  void theSecondOfThePartsIsTheWrongOne() {
    Map<String, Object> sum = Talk.sum("487 + 215", "left-to-right");
    JsonNode lines = talk.post("/api/working-lines", sum).json();
    String first = lines.get(0).get("key").asText();
    String second = lines.get(1).get("key").asText();
    Map<String, Object> typed = Map.of(first, "600", second, "80");
    JsonNode finding = talk.post("/api/working-checks", Map.of("sum", sum, "lines", typed)).json();
    assertEquals(second, finding.get("wrong").asText());
    assertEquals("The first slip is in part 2. It must be 90.", finding.get("sentence").asText());
  }

  /** A total on the way is right, and no answer yet. */
  @Test
  void aTotalSoFarIsNoAnswer() {
    JsonNode finding = check("58 + 67 + 94", "in-pairs", "ANSWER", "125");
    assertEquals(
        "All that was given follows. The answer was not among it.",
        finding.get("sentence").asText());
  }

  /** The ways of checking a sum leave out those that would be the same work as the sum. */
  @ParameterizedTest
  @CsvSource({"48 + 37, 2", "6 × 7, 2", "83 − 47, 2", "943 ÷ 7, 0"})
  void theWaysOfCheckingTellTheirSteps(String sum, int ways) {
    JsonNode all = talk.post("/api/workings/checks", Map.of("plain", sum)).json();
    all.forEach(way -> assertEquals(true, way.get("steps").asInt() > 1, way::toString));
    assertEquals(ways, all.size(), all::toString);
  }
}
