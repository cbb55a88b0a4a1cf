package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Runs over HTTP, worked by simulated pupils. */
class RunsTest extends Conversation {
  private static final String SLIP = "smaller-from-larger";

  private static final List<String> THREE = List.of("52 − 27", "63 − 18", "81 − 46");

  private static Map<String, Object> request(List<String> sums, int right, String telling) {
    List<Object> items = new ArrayList<>();
    sums.forEach(sum -> items.add(Map.of("plain", sum, "method", "exchange", "rung", "")));
    Map<String, Object> request = new HashMap<>();
    request.put("title", "Bulb crates");
    request.put("who", "Oona");
    request.put("sums", items);
    request.put("goal", Map.of("right", right));
    request.put("terms", Map.of("telling", telling));
    return request;
  }

  private static JsonNode begin(Map<String, Object> request) {
    Talk.Answer answer = talk.post("/api/runs", request);
    assertEquals(201, answer.status(), answer.text());
    return answer.json();
  }

  private static JsonNode run(long id, String what) {
    Talk.Answer answer = talk.post("/api/runs/" + id + what, "");
    assertEquals(200, answer.status(), answer.text());
    return answer.json();
  }

  private static JsonNode attempt(JsonNode run) {
    return talk.get("/api/attempts/" + run.get("current").asLong()).json();
  }

  /** Writes the page that is to be worked on, and hands it in. */
  private static JsonNode work(JsonNode run, String... slips) {
    JsonNode attempt = attempt(run);
    long id = attempt.get("id").asLong();
    Map<String, Object> pupil = Map.of("sum", attempt.get("sum"), "slips", List.of(slips));
    JsonNode strokes = talk.post("/api/pupils", pupil).json().get("strokes");
    talk.post("/api/attempts/" + id + "/strokes", Map.of("strokes", strokes));
    boolean isCheck = attempt.hasNonNull("checkOf");
    Map<String, Object> page = isCheck ? Map.of("cameBack", true) : Map.of();
    Talk.Answer handedIn = talk.post("/api/attempts/" + id + "/hand-in", page);
    assertEquals(200, handedIn.status(), handedIn.text());
    return handedIn.json();
  }

  private static JsonNode next(JsonNode run, String... slips) {
    work(run, slips);
    return run(run.get("id").asLong(), "/next");
  }

  @Test
  void whatWentWrongComesAgainAndDoesNotCount() {
    JsonNode run = begin(request(THREE, 3, "AFTER_EACH"));
    run = next(run);
    assertEquals(1, run.get("right").asInt());
    run = next(run, SLIP);
    run = next(run);
    assertTrue(run.get("currentAgain").asBoolean());
    assertEquals(THREE.get(1), attempt(run).get("problem").asText());
    run = next(run);
    assertFalse(run.get("passed").asBoolean(), "two of three, whatever the second round brought");
    assertTrue(run.hasNonNull("endedAt"));
    assertEquals(2, run.get("right").asInt());
    assertEquals(4, run.get("results").size());
    assertEquals("smaller taken from larger", run.get("results").get(1).get("slip").asText());
    assertEquals("25", run.get("results").get(0).get("answer").asText());
  }

  @Test
  void aRunIsPassedWithItsMark() {
    JsonNode run = begin(request(THREE, 2, "AFTER_EACH"));
    run = next(next(next(run), SLIP));
    assertFalse(run.hasNonNull("passed"), "the second round is still to come");
    assertTrue(next(run).get("passed").asBoolean());
  }

  /** Until the run ends, no answer tells whether a page is right. */
  @Test
  void aRunToldOfAtItsEndIsSilentUntilThen() {
    JsonNode run = begin(request(THREE, 2, "AT_END"));
    long first = run.get("current").asLong();
    JsonNode handedIn = work(run, SLIP);
    for (JsonNode page : List.of(handedIn, talk.get("/api/attempts/" + first).json())) {
      assertFalse(page.hasNonNull("report"));
      assertFalse(page.hasNonNull("truth"));
    }
    String asked = "/api/attempts/" + first;
    assertEquals(422, talk.post(asked + "/mend", "").status());
    run = run(run.get("id").asLong(), "/next");
    long second = run.get("current").asLong();
    assertEquals(422, talk.post("/api/attempts/" + second + "/hint?depth=3", "").status());
    for (String silent : List.of("right", "streak", "passed", "offer")) {
      assertFalse(run.hasNonNull(silent), silent);
    }
    assertFalse(run.get("results").get(0).hasNonNull("right"));
    assertFalse(run.get("results").get(0).hasNonNull("answer"));
    run = next(next(run));
    assertTrue(run.get("passed").asBoolean(), "there is no second round to give it away");
    assertEquals(3, run.get("results").size());
    JsonNode told = talk.get(asked).json();
    assertEquals(1, told.get("report").get("slips").asInt());
    assertTrue(told.hasNonNull("truth"));
  }

  @Test
  void aRungWithoutAnEndGoesOnUntilItIsPassedAndRepeatsNothing() {
    Map<String, Object> request = request(List.of(), 4, "AFTER_EACH");
    request.put("drawn", Map.of("rung", "addition-ones-carry"));
    request.put("goal", Map.of("right", 4, "inARow", true));
    JsonNode run = begin(request);
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < 6; i++) {
      assertTrue(seen.add(attempt(run).get("problem").asText()));
      run = i == 1 ? next(run, "carry-not-added") : next(run);
    }
    assertTrue(run.get("currentAgain").asBoolean());
    assertFalse(seen.add(attempt(run).get("problem").asText()));
    run = next(run);
    assertTrue(run.get("passed").asBoolean());
    assertEquals(5, run.get("right").asInt());
  }

  @Test
  void aSlipMadeThreeTimesOffersAnExampleAndTheRungBefore() {
    List<Object> sums = new ArrayList<>();
    String rung = "subtraction-one-zero-crossed";
    for (String sum : List.of("403 − 165", "504 − 287", "602 − 345", "701 − 456")) {
      sums.add(Map.of("plain", sum, "method", "exchange", "rung", rung));
    }
    JsonNode run = begin(Map.of("title", "Zeros", "sums", sums, "goal", Map.of("right", 4)));
    List<String> worked = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      assertFalse(run.hasNonNull("offer"));
      worked.add(attempt(run).get("sum").get("plain").asText());
      run = next(run, SLIP);
    }
    JsonNode offer = run.get("offer");
    assertEquals("smaller taken from larger", offer.get("slip").asText());
    assertFalse(worked.contains(offer.get("example").asText()));
    String back = offer.get("back").asText();
    for (JsonNode each : talk.get("/api/ladder").json()) {
      if (each.get("id").asText().equals(rung)) {
        assertTrue(each.get("needs").toString().contains(back));
      }
    }
    assertFalse(next(run).hasNonNull("offer"), "not after a sum that is right");
  }

  /** The sum counts once its check is handed in, and only if both are right. */
  @ParameterizedTest
  @CsvSource({"false, 1", "true, 0"})
  void aCheckBelongsToItsSumWhereOneIsWanted(boolean slip, int right) {
    Map<String, Object> request = request(List.of("524 − 187"), 1, "AFTER_EACH");
    request.put("terms", Map.of("telling", "AFTER_EACH", "withCheck", true));
    JsonNode run = begin(request);
    long sum = run.get("current").asLong();
    run = slip ? next(run, SLIP) : next(run);
    assertNotEquals(sum, run.get("current").asLong());
    assertEquals(sum, attempt(run).get("checkOf").asLong());
    assertEquals(0, run.get("worked").asInt());
    run = next(run);
    assertEquals(1, run.get("worked").asInt());
    assertEquals(right, run.get("right").asInt());
  }

  @Test
  void nextBeginsNothingWhileAPageIsOpenAndNothingBehindTheEnd() {
    JsonNode run = begin(request(THREE, 1, "AS_I_GO"));
    long id = run.get("id").asLong();
    assertEquals(run.get("current"), run(id, "/next").get("current"));
    JsonNode ended = run(id, "/end");
    assertFalse(ended.get("passed").asBoolean());
    assertFalse(ended.hasNonNull("current"));
    assertEquals(ended, run(id, "/next"));
    assertEquals(409, talk.post("/api/runs/" + id + "/pause", "").status());
  }

  @Test
  void aRunIsPausedAndGoneOnWith() {
    JsonNode run = begin(request(THREE, 1, "AFTER_EACH"));
    long id = run.get("id").asLong();
    assertTrue(run(id, "/pause").get("paused").asBoolean());
    JsonNode back = run(id, "/go-on");
    assertFalse(back.get("paused").asBoolean());
    assertEquals(run.get("current"), back.get("current"));
  }

  @Test
  void aRunOutlivesItsSetAndSaysThatItIsGone() {
    Map<String, Object> set = new HashMap<>();
    set.put("title", "Crates");
    set.put("sums", request(THREE, 1, "AFTER_EACH").get("sums"));
    long kept = talk.post("/api/sets", set).json().get("id").asLong();
    Map<String, Object> request = request(THREE, 2, "AFTER_EACH");
    request.put("set", kept);
    JsonNode run = begin(request);
    assertFalse(run.get("setDeleted").asBoolean());
    assertEquals(204, talk.delete("/api/sets/" + kept).status());
    run = next(run);
    assertTrue(run.get("setDeleted").asBoolean());
    assertEquals(THREE.get(1), attempt(run).get("problem").asText());
  }

  @Test
  void runsAreListedDeletedAndBroughtBackWithTheirPages() {
    JsonNode run = begin(request(THREE, 1, "AFTER_EACH"));
    long id = run.get("id").asLong();
    JsonNode entry = talk.get("/api/runs").json().get("entries").get(0);
    assertEquals(id, entry.get("id").asLong());
    assertEquals(3, entry.get("sums").asInt());
    String attempts = talk.get("/api/attempts").text();
    assertFalse(attempts.contains("\"id\":" + run.get("current") + ","), "listed with its run");
    assertEquals(422, talk.delete("/api/attempts/" + run.get("current")).status());
    assertEquals(204, talk.delete("/api/runs/" + id).status());
    assertEquals(404, talk.get("/api/runs/" + id).status());
    assertEquals(204, talk.post("/api/runs/" + id + "/restore", "").status());
    assertEquals(run.get("current"), talk.get("/api/runs/" + id).json().get("current"));
  }

  @Test
  void refusesWhatIsNoRun() {
    Map<String, Object> request = request(THREE, 4, "AFTER_EACH");
    assertEquals("A run of 3 sums cannot have 4 right.", talk.post("/api/runs", request).detail());
    request.put("goal", Map.of("right", 0));
    assertEquals("A pass mark is 1 to 200 sums right.", talk.post("/api/runs", request).detail());
    Map<String, Object> both = request(THREE, 1, "AFTER_EACH");
    both.put("drawn", Map.of("rung", "addition-ones-carry"));
    assertEquals(422, talk.post("/api/runs", both).status());
    Map<String, Object> misplaced = request(THREE, 1, "AFTER_EACH");
    misplaced.put("inARow", true);
    assertEquals(400, talk.post("/api/runs", misplaced).status());
    assertEquals(422, talk.post("/api/runs", request(List.of(), 1, "AT_END")).status());
    Map<String, Object> unread = request(List.of("5 −"), 1, "AFTER_EACH");
    assertEquals(422, talk.post("/api/runs", unread).status());
    assertEquals(404, talk.post("/api/runs/999999/next", "").status());
    Map<String, Object> setless = request(THREE, 1, "AFTER_EACH");
    setless.put("set", 999999);
    assertTrue(
        begin(setless).get("setDeleted").asBoolean(), "it runs, and says that there is none");
  }
}
