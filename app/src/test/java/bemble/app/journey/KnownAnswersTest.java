package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The outcomes that a grid foretells are those that answers get when they are kept. */
@BeginsEmpty
class KnownAnswersTest extends Conversation {
  private static final int OTHERS = 60;

  private static Pile pile;

  @BeforeAll
  static void prepare() {
    pile = new Pile(talk);
    talk.post("/api/roll", Map.of("names", "Neve"));
  }

  @ParameterizedTest
  @CsvSource({
    "742 − 368, exchange",
    "4.25 + 3.75, column",
    "12.50 − 3.75, exchange",
    "57 × 38, column",
    "57 × 38, area",
    "1365 ÷ 6, long",
    "1380 ÷ 6, long",
    "√660, digit-pairs",
    "√728, digit-pairs"
  })
  void knownAnswersAndAllOtherWholeNumbersAreMarkedAsTold(String plain, String method) {
    JsonNode grid = pile.handout(List.of(plain), method);
    Map<String, JsonNode> known = new HashMap<>();
    grid.at("/sums/0/known").forEach(each -> known.put(each.get("given").asText(), each));
    assertEquals("RIGHT", known.get(grid.at("/sums/0/right").asText()).get("outcome").asText());
    assertTrue(known.size() > 2, known.toString());
    Set<String> typed = new LinkedHashSet<>(known.keySet());
    new Random(plain.hashCode())
        .ints(OTHERS, 0, 3000)
        .forEach(number -> typed.add(String.valueOf(number)));
    String before = null;
    for (String text : typed) {
      JsonNode kept = marked(grid, text, before);
      JsonNode told = known.get(text);
      String sum = plain + " = " + text;
      assertEquals(told == null ? "WRONG" : told.get("outcome").asText(), outcome(kept), sum);
      JsonNode slips = told == null ? JsonNodeFactory.instance.arrayNode() : told.get("slips");
      assertEquals(slips, kept.get("slips"), sum);
      before = text;
    }
  }

  @Test
  void aSumWhoseAnswerIsTooLongToTypeIsOpenedAllTheSame() {
    JsonNode grid =
        pile.handout(List.of("987654321098765432109876 × 123456789012345678901234"), "column");
    assertEquals(0, pile.cells(grid).size());
  }

  private static String outcome(JsonNode cell) {
    return cell.get("outcome").asText();
  }

  private static JsonNode marked(JsonNode grid, String text, String before) {
    return pile.put(grid, List.of(Pile.cell(Pile.pupil(grid, "Neve"), 0, text, before)))
        .at("/kept/0");
  }
}
