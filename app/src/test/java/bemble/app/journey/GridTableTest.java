package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Answers leave and enter as tables. */
@BeginsEmpty
class GridTableTest extends Conversation {
  private static Pile pile;

  @BeforeAll
  static void prepare() {
    pile = new Pile(talk);
    talk.post("/api/roll", Map.of("names", "Neve\nBram\nWilfa"));
  }

  private static JsonNode handout() {
    List<String> sums = List.of("742 − 368", "621 − 257", "853 − 478", "534 − 269", "965 − 387");
    return pile.handout(sums, "exchange");
  }

  @Test
  void aGridLeavesAndEntersAsATable() {
    JsonNode grid = handout();
    pile.row(grid, "Neve", List.of("374", "", "-"));
    String path = Pile.path(grid) + "/csv";
    String table = talk.get(path).text();
    assertTrue(table.startsWith("pupil,742 − 368,"), table);
    assertTrue(table.contains("Neve,374,blank,-,,"), table);
    JsonNode other = handout();
    String its = Pile.path(other) + "/csv";
    JsonNode read = talk.post(its, Map.of("table", table)).json();
    assertEquals(0, read.get("bad").size(), read::toString);
    assertEquals(3, pile.cells(other).size());
    JsonNode bad =
        talk.post(its, Map.of("table", "Nobody,1\nBram,1,2,3,4,5,6\nWilfa,374,½\n")).json();
    assertEquals(3, bad.get("bad").size(), bad::toString);
    assertEquals(1, bad.get("kept").size(), "what could be read is kept");
  }

  /** As a spreadsheet saves and copies it, with its own word above the names. */
  @ParameterizedTest
  @CsvSource({"';'", "'\t'"})
  void aTableMayBeSeparatedOtherwise(String between) {
    JsonNode grid = handout();
    String table = "Child,742−368,2\nNeve,X,blank\nBram,426,Absent".replace(",", between);
    String path = Pile.path(grid) + "/csv";
    JsonNode read = talk.post(path, Map.of("table", table)).json();
    assertEquals(4, read.get("kept").size(), read::toString);
    assertEquals(0, read.get("bad").size(), read::toString);
  }

  @Test
  void aTableOfOtherSumsIsRefusedAsAWhole() {
    JsonNode grid = handout();
    String path = Pile.path(grid) + "/csv";
    String table = "pupil,742 − 368,600 − 257\nNeve,374,343";
    Talk.Answer refused = talk.post(path, Map.of("table", table));
    assertEquals(422, refused.status(), refused.text());
    assertTrue(refused.text().contains("column 2"), refused.text());
    assertTrue(refused.text().contains("600 − 257; this handout has 621 − 257"), refused.text());
    assertEquals(0, pile.cells(grid).size());
  }
}
