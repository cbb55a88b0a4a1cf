package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Pages of the Slate fill answers to handouts in. */
@BeginsEmpty
class SlateAnswersTest extends Conversation {
  private static final List<String> SUMS = List.of("742 − 368", "621 − 257", "853 − 478");

  /** Answers with the smaller figure taken from the larger one. */
  private static final List<String> SLIPPED = List.of("426", "436", "425");

  @BeforeAll
  static void prepare() {
    talk.post("/api/roll", Map.of("names", "Caio\nWilfa"));
  }

  private static JsonNode handout() {
    List<Object> sums = new ArrayList<>();
    SUMS.forEach(sum -> sums.add(Map.of("plain", sum, "method", "exchange")));
    return talk.post("/api/handouts", Map.of("title", "Bulb crates", "sums", sums)).json();
  }

  private static long pupil(JsonNode grid, String name) {
    for (JsonNode pupil : grid.get("pupils")) {
      if (pupil.get("name").asText().equals(name)) {
        return pupil.get("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  private static void attempt(
      Map<String, Object> request, String who, List<String> slips, String plain) {
    Map<String, Object> sum = Talk.sum(plain, "exchange");
    request.putAll(Map.of("sum", sum, "who", who, "telling", "AT_END"));
    long id = talk.post("/api/attempts", request).json().get("id").asLong();
    write(id, sum, slips);
  }

  private static void write(long id, Map<String, Object> sum, List<String> slips) {
    JsonNode strokes =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", slips)).json().get("strokes");
    talk.post("/api/attempts/" + id + "/strokes", Map.of("strokes", strokes));
    talk.post("/api/attempts/" + id + "/hand-in", Map.of("explanation", ""));
  }

  private static JsonNode cells(JsonNode grid) {
    return talk.get("/api/handouts/" + grid.get("id").asLong()).json().get("cells");
  }

  /** The page is the evidence then: it counts once. */
  @Test
  void aPageOfTheSlateFillsTheOpenPlaceOfItsSum() {
    JsonNode grid = handout();
    attempt(new HashMap<>(), "Caio", List.of("smaller-from-larger"), SUMS.get(1));
    assertEquals(1, cells(grid).size());
    JsonNode cell = cells(grid).get(0);
    assertEquals(pupil(grid, "Caio"), cell.get("pupil").asLong());
    assertEquals(1, cell.get("number").asInt());
    assertEquals(SLIPPED.get(1), cell.get("given").asText());
    assertEquals("smaller-from-larger", cell.at("/slips/0/id").asText());
    JsonNode page = talk.get("/api/register/pupils/" + pupil(grid, "Caio")).json();
    assertEquals(1, page.get("recent").size(), page::toString);
    attempt(new HashMap<>(), "Caio", List.of(), SUMS.get(1));
    assertEquals(cell, cells(grid).get(0), "what stands there stays");
    attempt(new HashMap<>(), "Nobody of this class", List.of(), SUMS.get(0));
    assertEquals(1, cells(grid).size());
  }

  /** As a Bemble leaves it that is killed between the page and the grid. */
  @Test
  void aPageThatReachedNoGridFillsItAtTheNextStart() {
    JsonNode grid = handout();
    attempt(new HashMap<>(), "Wilfa", List.of(), SUMS.get(0));
    JsonNode filled = cells(grid);
    assertEquals(1, filled.size());
    app.spoil(
        "update work set grid_due = true, handout_id = null, for_handout_id = null"
            + " where handout_id = "
            + grid.get("id"));
    app.close();
    app = app.again();
    assertEquals(filled, cells(grid));
    Map<String, Object> cleared = new HashMap<>();
    cleared.putAll(Map.of("pupil", pupil(grid, "Wilfa"), "number", 0, "seen", "374"));
    talk.put("/api/handouts/" + grid.get("id") + "/answers", Map.of("cells", List.of(cleared)));
    app.close();
    app = app.again();
    assertEquals(0, cells(grid).size(), "what a teacher took out stays out");
  }

  /** The work counts once, whatever becomes of its page or its handout. */
  @Test
  void evidenceOutlivesThePageAndTheHandout() {
    JsonNode grid = handout();
    long caio = pupil(grid, "Caio");
    JsonNode before = squares(caio);
    attempt(new HashMap<>(), "Caio", List.of(), SUMS.get(2));
    JsonNode counted = squares(caio);
    assertFalse(before.equals(counted));
    String page = "/api/attempts/" + talk.get("/api/attempts").json().at("/entries/0/id").asLong();
    talk.delete(page);
    assertEquals(counted, squares(caio), "the answer stands");
    talk.post(page + "/restore", "");
    talk.delete("/api/handouts/" + grid.get("id").asLong());
    assertEquals(counted, squares(caio), "the page stands");
    talk.delete(page);
    assertEquals(before, squares(caio), "neither stands");
  }

  /** The answer of a run that is deleted has no page, and has it again when the run is back. */
  @Test
  void anAnswerOutlivesItsRunAndFindsItsPageAgain() {
    JsonNode grid = handout();
    String path = "/api/handouts/" + grid.get("id");
    Map<String, Object> sum = Talk.sum(SUMS.get(1), "exchange");
    JsonNode run =
        talk.post(
                "/api/runs",
                Map.of(
                    "title",
                    "Crates",
                    "who",
                    "Wilfa",
                    "sums",
                    List.of(sum),
                    "goal",
                    Map.of("right", 1)))
            .json();
    long page = run.at("/page/current").asLong();
    write(page, sum, List.of("smaller-from-larger"));
    talk.get("/api/runs/" + run.get("id"));
    JsonNode filled = talk.get(path).json();
    assertEquals(page, filled.at("/pages/0/attempt").asLong());
    JsonNode counted = squares(pupil(grid, "Wilfa"));

    talk.delete("/api/runs/" + run.get("id"));
    JsonNode left = talk.get(path).json();
    assertEquals(filled.get("cells"), left.get("cells"));
    assertEquals(0, left.get("pages").size());
    assertEquals(counted, squares(pupil(grid, "Wilfa")), "it counts once");
    talk.post("/api/runs/" + run.get("id") + "/restore", "");
    assertEquals(filled, talk.get(path).json());
    assertEquals(counted, squares(pupil(grid, "Wilfa")), "it counts once");
  }

  private static JsonNode squares(long pupil) {
    ArrayNode squares = JsonNodeFactory.instance.arrayNode();
    for (JsonNode square : talk.get("/api/register").json().get("squares")) {
      if (square.get("pupil").asLong() == pupil) {
        squares.add(square);
      }
    }
    return squares;
  }

  @Test
  void aPageThatIsTypedInForAnAnswerTakesItsPlace() {
    JsonNode grid = handout();
    Map<String, Object> typed =
        Map.of("pupil", pupil(grid, "Wilfa"), "number", 2, "given", SLIPPED.get(2));
    talk.put("/api/handouts/" + grid.get("id") + "/answers", Map.of("cells", List.of(typed)));
    Map<String, Object> place = new HashMap<>();
    place.put("handout", grid.get("id").asLong());
    place.put("number", 2);
    attempt(place, "Wilfa", List.of("neighbour-not-less"), SUMS.get(2));
    assertEquals(1, cells(grid).size());
    JsonNode cell = cells(grid).get(0);
    assertEquals("WRONG", cell.get("outcome").asText());
    assertFalse(cell.get("given").asText().equals(SLIPPED.get(2)), cell::toString);
    assertEquals("neighbour-not-less", cell.at("/slips/0/id").asText());
  }
}
