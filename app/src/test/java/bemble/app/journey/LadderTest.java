package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The ladder of a class over HTTP: renamed, reordered, hidden, and with rungs of its own. */
class LadderTest {
  private static final String TWO = "subtraction-two-from-two";
  private static final String CROSSED = "subtraction-one-zero-crossed";

  private RunningApp app;
  private Talk talk;

  @BeforeEach
  void start() {
    app = RunningApp.emptied();
    talk = new Talk(app.address());
  }

  private JsonNode ladder() {
    return talk.get("/api/ladder").json();
  }

  private JsonNode change(String rung, Map<String, Object> change) {
    Talk.Answer answer = talk.put("/api/ladder/" + rung, change);
    assertEquals(200, answer.status(), answer.text());
    assertEquals(answer.json(), ladder());
    return answer.json();
  }

  private static List<String> ids(JsonNode ladder) {
    return ladder.findValuesAsText("id");
  }

  private static JsonNode find(JsonNode ladder, String field, String value) {
    for (JsonNode rung : ladder) {
      if (rung.get(field).asText().equals(value)) {
        return rung;
      }
    }
    throw new AssertionError(value);
  }

  private static Map<String, Object> own(String name, int exchanges) {
    Map<String, Object> figures = Map.of("from", 3, "to", 3);
    Map<String, Object> recipe =
        Map.of(
            "operation", "SUBTRACTION",
            "numbers", List.of(Map.of("figures", figures), Map.of("figures", figures)),
            "wishes", Map.of("exchanges", Map.of("from", exchanges, "to", exchanges)));
    return Map.of(
        "name", name, "news", "bulbs", "recipe", recipe, "method", "exchange", "behind", TWO);
  }

  private String added(String name) {
    Talk.Answer answer = talk.post("/api/ladder", own(name, 1));
    assertEquals(201, answer.status(), answer.text());
    return find(answer.json(), "name", name).get("id").asText();
  }

  @Test
  void whatIsChangedStaysAfterARestartAndOnlyForItsClass() {
    JsonNode shipped = ladder();
    change(CROSSED, Map.of("name", "Over a nought", "behind", TWO));
    change("addition-zeros", Map.of("hidden", true));
    String own = added("Bulbs from the shed");
    JsonNode before = ladder();
    app.close();
    app = app.again();
    talk = new Talk(app.address());
    assertEquals(before, ladder());
    List<String> ids = ids(before);
    assertEquals(ids.indexOf(TWO) + 1, ids.indexOf(own));
    assertEquals(ids.indexOf(TWO) + 2, ids.indexOf(CROSSED));
    assertEquals("Over a nought", find(before, "id", CROSSED).get("name").asText());
    assertEquals(find(shipped, "id", CROSSED).get("news"), find(before, "id", CROSSED).get("news"));
    assertTrue(find(before, "id", "addition-zeros").get("hidden").asBoolean());

    talk.post("/api/classes", Map.of("name", "Seed Barn"));
    JsonNode classes = talk.get("/api/classes").json();
    talk.post("/api/classes/" + classes.get(classes.size() - 1).get("id") + "/current", Map.of());
    assertEquals(shipped, ladder(), "the other class has the shipped ladder");
  }

  @Test
  void namesAndOrderAreThoseOfTheClassEverywhere() {
    change(CROSSED, Map.of("name", "Over a nought", "behind", ""));
    change("subtraction-unequal", Map.of("hidden", true));
    talk.post("/api/roll", Map.of("names", "Neve"));
    JsonNode register = talk.get("/api/register").json();
    List<String> columns = ids(register.get("rungs"));
    List<String> subtraction =
        columns.stream().filter(id -> id.startsWith("subtraction-")).toList();
    assertEquals(CROSSED, subtraction.get(0));
    assertFalse(columns.contains("subtraction-unequal"));
    assertEquals("Over a nought", find(register.get("rungs"), "id", CROSSED).get("name").asText());
    JsonNode sums =
        talk.post(
                "/api/sets/draft",
                Map.of("lines", List.of(Map.of("rung", CROSSED, "count", 3)), "seed", 4))
            .json();
    assertEquals("Over a nought", sums.at("/sums/0/rungName").asText(), sums::toString);
    JsonNode proposals = talk.get("/api/plan?weeks=1&from=2026-11-30").json().get("proposals");
    assertTrue(proposals.findValuesAsText("title").contains("Over a nought"), proposals::toString);
  }

  /** A set is made of a class's own rung, given, marked, and seen in the register. */
  @Test
  void aRungOfTheClassCountsLikeAnyOther() {
    String own = added("Bulbs from the shed");
    JsonNode pupils = talk.post("/api/roll", Map.of("names", "Neve")).json();
    JsonNode draft =
        talk.post(
                "/api/sets/draft",
                Map.of("lines", List.of(Map.of("rung", own, "count", 4)), "seed", 4))
            .json();
    List<Map<String, Object>> sums = new ArrayList<>();
    List<Map<String, Object>> answers = new ArrayList<>();
    for (JsonNode sum : draft.get("sums")) {
      assertEquals("Bulbs from the shed", sum.get("rungName").asText());
      answers.add(Map.of("given", sum.get("answer").asText()));
      sums.add(Map.of("plain", sum.get("plain").asText(), "method", "exchange", "rung", own));
    }
    assertEquals(4, sums.size());
    Talk.Answer given = talk.post("/api/handouts", Map.of("title", "Bulbs", "sums", sums));
    assertEquals(201, given.status(), given.text());
    long handout = given.json().get("id").asLong();
    long pupil = pupils.at("/0/id").asLong();
    List<Map<String, Object>> cells =
        IntStream.range(0, 4)
            .mapToObj(
                i ->
                    Map.<String, Object>of(
                        "pupil", pupil, "number", i, "given", answers.get(i).get("given")))
            .toList();
    Talk.Answer marked = talk.put("/api/handouts/" + handout + "/answers", Map.of("cells", cells));
    assertEquals(200, marked.status(), marked.text());
    JsonNode register = talk.get("/api/register").json();
    JsonNode square = find(register.get("squares"), "rung", own);
    assertTrue(square.get("why").asText().startsWith("4 of the last 4"), square::toString);

    Talk.Answer kept = talk.delete("/api/ladder/" + own);
    assertEquals(422, kept.status());
    assertEquals(
        "4 sums of this rung have been worked. Hide it, and its record stays.", kept.detail());
    change(own, Map.of("hidden", true));
    register = talk.get("/api/register").json();
    assertFalse(ids(register.get("rungs")).contains(own));
    change(own, Map.of("hidden", false));
    assertEquals(square, find(talk.get("/api/register").json().get("squares"), "rung", own));
  }

  @Test
  void aRungThatNothingWasWorkedOfIsTakenOutAndTheRestPutBack() {
    JsonNode shipped = ladder();
    String own = added("Bulbs from the shed");
    change(CROSSED, Map.of("name", "Over a nought", "hidden", true, "behind", ""));
    JsonNode put = talk.post("/api/ladder/as-shipped", Map.of()).json();
    assertEquals(
        ids(shipped), ids(put).stream().filter(id -> !id.equals(own)).toList(), "own ones stay");
    assertEquals(find(shipped, "id", CROSSED), find(put, "id", CROSSED));
    assertEquals(200, talk.delete("/api/ladder/" + own).status());
    assertEquals(shipped, ladder());
  }

  @ParameterizedTest
  @CsvSource({
    "subtraction-nothing, Rung, A, “subtraction-nothing” is no rung of the ladder.",
    "subtraction-one-zero-crossed, Two from two exchanged, , taken",
    "subtraction-one-zero-crossed, , addition-zeros, “addition-zeros” is a rung of another",
    "subtraction-one-zero-crossed, , nowhere, “nowhere” is no rung of the ladder."
  })
  void whatCannotBeIsRefusedInASentence(String rung, String name, String behind, String sentence) {
    JsonNode before = ladder();
    String taken = find(before, "id", TWO).get("name").asText();
    Map<String, Object> change =
        name == null ? Map.of("behind", behind) : Map.of("name", taken.toUpperCase());
    Talk.Answer answer = talk.put("/api/ladder/" + rung, change);
    assertEquals(422, answer.status(), answer.text());
    String wanted = sentence.equals("taken") ? "There is a rung “" : sentence;
    assertTrue(answer.detail().startsWith(wanted), answer::detail);
    assertEquals(before, ladder());
  }

  @Test
  void aRungThatNothingFitsIsRefusedAndSoIsTheLastOneHidden() {
    Talk.Answer clash = talk.post("/api/ladder", own("Too many", 3));
    assertEquals(422, clash.status());
    assertTrue(clash.detail().contains("exchange"), clash::detail);
    assertEquals(422, talk.delete("/api/ladder/" + TWO).status());
    List<String> roots = ids(ladder()).stream().filter(id -> id.startsWith("root-")).toList();
    for (String rung : roots.subList(1, roots.size())) {
      change(rung, Map.of("hidden", true));
    }
    Talk.Answer last = talk.put("/api/ladder/" + roots.get(0), Map.of("hidden", true));
    assertEquals("One rung of an operation stays. Show another one first.", last.detail());
  }

  /** Several windows each change another rung at once, and all changes are kept. */
  @Test
  void windowsThatChangeTheLadderAtOnceLoseNothing() {
    List<String> some = ids(ladder()).subList(0, 12);
    List<Integer> answers =
        some.parallelStream()
            .map(rung -> talk.put("/api/ladder/" + rung, Map.of("news", "changed")).status())
            .toList();
    assertEquals(Collections.nCopies(some.size(), 200), answers);
    JsonNode ladder = ladder();
    some.forEach(
        rung -> assertEquals("changed", find(ladder, "id", rung).get("news").asText(), rung));
  }
}
