package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Attempts of a running Bemble. */
class AttemptTest extends Conversation {
  @Test
  void aPageIsJudgedAsItIsWrittenAndItsCheckComesAfterwards() {
    long id = begin("46 + 38", "column");
    JsonNode report = write(id, stroke(0, "FIGURE", 4, 2, "4")).json();
    assertEquals(1, report.get("right").asInt());
    report = write(id, stroke(1, "FIGURE", 4, 1, "7")).json();
    assertEquals("carry-not-added", report.at("/findings/0/slip").asText());
    assertTrue(report.at("/findings/0/question").asText().endsWith("?"));
    assertEquals("FIRST_SLIP", report.at("/figures/1/verdict").asText());
    JsonNode ended =
        talk.post("/api/attempts/" + id + "/hand-in", Map.of("explanation", "Added up.")).json();
    assertEquals("Added up.", ended.get("explanation").asText());
    assertEquals(2, ended.get("strokes").size());
    assertTrue(ended.has("truth"));
    assertEquals(409, write(id, stroke(2, "FIGURE", 4, 1, "8")).status());
    assertEquals(409, talk.post("/api/attempts/" + id + "/hand-in", Map.of()).status());
    JsonNode check = talk.post("/api/attempts/" + id + "/check", "").json();
    assertEquals("38 + 46", check.get("problem").asText());
    assertEquals(id, check.get("checkOf").asLong());
    assertEquals(check.get("id"), talk.post("/api/attempts/" + id + "/check", "").json().get("id"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"number\":0,\"millis\":0,\"kind\":\"FIGURE\",\"row\":-1,\"column\":0,\"text\":\"1\"} |"
            + " 422 | outside the page",
        "{\"number\":0,\"millis\":0,\"kind\":\"FIGURE\",\"row\":9999,\"column\":0,\"text\":\"1\"} |"
            + " 422 | outside the page",
        "{\"number\":0,\"millis\":0,\"kind\":\"FIGURE\",\"row\":1,\"column\":1,\"text\":\"47\"} |"
            + " 422 | one figure to a square",
        "{\"number\":0,\"millis\":0,\"kind\":\"FIGURE\",\"row\":1,\"column\":1,\"text\":\"a\"} |"
            + " 422 | Only figures",
        "{\"number\":0,\"millis\":0,\"kind\":\"DOODLE\",\"row\":1,\"column\":1,\"text\":\"1\"} |"
            + " 400 | could not be read",
        "{\"number\":5,\"millis\":0,\"kind\":\"FIGURE\",\"row\":1,\"column\":1,\"text\":\"1\"} |"
            + " 409 | another window",
        "{\"millis\":0}                                                                     | 422 |"
            + " Say what was done"
      })
  void whatCannotBeWrittenIsRefusedAndNothingIsLost(String stroke, int status, String sentence) {
    long id = begin("46 + 38", "column");
    Talk.Answer answer =
        talk.post("/api/attempts/" + id + "/strokes", "{\"strokes\":[" + stroke + "]}");
    assertEquals(status, answer.status(), answer.text());
    assertTrue(answer.detail().contains(sentence), answer.detail());
    assertEquals(200, write(id, stroke(0, "FIGURE", 4, 2, "4")).status());
  }

  @Test
  void aThousandStrokesAreKeptInOrder() {
    long id = begin("46 + 38", "column");
    for (int first = 0; first < 1000; first += 250) {
      List<Object> strokes = new ArrayList<>();
      for (int n = first; n < first + 250; n++) {
        strokes.add(stroke(n, "FIGURE", n % 7, n % 5, String.valueOf(n % 10)));
      }
      assertEquals(200, write(id, strokes.toArray()).status());
    }
    JsonNode strokes = talk.get("/api/attempts/" + id).json().get("strokes");
    assertEquals(1000, strokes.size());
    assertEquals(999, strokes.get(999).get("number").asInt());
  }

  /** Runs things at once and fails with the first that failed. */
  private static void atOnce(List<Runnable> things) throws InterruptedException {
    Queue<Throwable> failures = new ConcurrentLinkedQueue<>();
    List<Thread> threads = new ArrayList<>();
    for (Runnable thing : things) {
      Thread thread = new Thread(thing);
      thread.setUncaughtExceptionHandler((of, failure) -> failures.add(failure));
      threads.add(thread);
      thread.start();
    }
    for (Thread thread : threads) {
      thread.join();
    }
    assertEquals(List.of(), List.copyOf(failures));
  }

  /** Windows that write at once: each stroke is kept or refused, and nothing is kept twice. */
  @Test
  void ofTwoWindowsThatWriteTheSameStrokeOneIsTold() throws InterruptedException {
    long id = begin("46 + 38", "column");
    Map<Integer, Integer> kept = new ConcurrentHashMap<>();
    List<Runnable> windows = new ArrayList<>();
    for (int window = 0; window < 4; window++) {
      int digit = window;
      windows.add(
          () -> {
            for (int n = 0; n < 25; n++) {
              Talk.Answer answer = write(id, stroke(n, "FIGURE", 4, 2, "" + digit));
              assertTrue(List.of(200, 409).contains(answer.status()), answer.text());
              if (answer.status() == 200) {
                assertNull(kept.put(n, digit), "kept twice: " + n);
              }
            }
          });
    }
    atOnce(windows);
    JsonNode strokes = talk.get("/api/attempts/" + id).json().get("strokes");
    assertEquals(25, strokes.size());
    for (int n = 0; n < 25; n++) {
      assertEquals(n, strokes.get(n).get("number").asInt());
      assertEquals("" + kept.get(n), strokes.get(n).get("text").asText());
    }
  }

  /** Deletions and openings wait for one another only as long as each of them takes. */
  @Test
  void nobodyWaitsForDeletionsAndOpenings() throws InterruptedException {
    List<Long> ids = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      ids.add(begin("46 + 38", "column"));
    }
    List<Runnable> users = new ArrayList<>();
    for (int user = 0; user < 8; user++) {
      int first = user;
      users.add(
          () -> {
            for (int i = first; i < ids.size() * 2; i += 8) {
              String path = "/api/attempts/" + ids.get(i % ids.size());
              int status = first < 6 ? talk.delete(path).status() : talk.get(path).status();
              assertTrue(List.of(200, 204, 404).contains(status), path + " " + status);
            }
          });
    }
    atOnce(users);
    assertEquals(200, talk.get("/api/attempts").status());
  }

  @Test
  void ofSomeStrokesWithOneThatIsWrongNoneIsKept() {
    long id = begin("46 + 38", "column");
    assertEquals(
        409, write(id, stroke(0, "FIGURE", 4, 2, "4"), stroke(2, "AID", 1, 1, "1")).status());
    assertEquals(0, talk.get("/api/attempts/" + id).json().get("strokes").size());
    assertEquals(
        200, write(id, stroke(0, "FIGURE", 4, 2, "4"), stroke(1, "AID", 1, 1, "1")).status());
    assertEquals(2, talk.get("/api/attempts/" + id).json().at("/report/right").asInt());
  }

  @Test
  void aListSaysOfEachPageHowItWent() {
    long right = begin("8 + 7", "column");
    write(right, stroke(0, "FIGURE", 4, 1, "5"), stroke(1, "FIGURE", 4, 0, "1"));
    long slipped = begin("83 − 47", "exchange");
    JsonNode sheet = talk.get("/api/attempts/" + slipped).json();
    int answer =
        sheet.at("/path").findValuesAsText("row").stream()
            .mapToInt(Integer::parseInt)
            .max()
            .orElseThrow();
    write(slipped, stroke(0, "FIGURE", answer, 2, "4"), stroke(1, "FIGURE", answer, 1, "4"));
    talk.post("/api/attempts/" + slipped + "/hand-in", Map.of());
    for (int time = 0; time < 2; time++) {
      JsonNode all = talk.get("/api/attempts").json().get("entries");
      assertEquals(slipped, all.get(0).get("id").asLong());
      assertEquals("smaller taken from larger", all.get(0).get("slip").asText());
      assertTrue(all.get(0).get("handedIn").asBoolean());
      assertEquals(right, all.get(1).get("id").asLong());
      assertFalse(all.get(1).has("slip"));
    }
  }

  @Test
  void aLongListIsAskedForPartByPart() {
    for (int i = 0; i < 70; i++) {
      begin("46 + 38", "column");
    }
    List<Long> ids = new ArrayList<>();
    JsonNode part = talk.get("/api/attempts").json();
    long total = part.get("total").asLong();
    while (!part.get("entries").isEmpty()) {
      part.get("entries").forEach(entry -> ids.add(entry.get("id").asLong()));
      part = talk.get("/api/attempts?before=" + ids.get(ids.size() - 1)).json();
    }
    assertEquals(total, ids.size());
    assertEquals(ids.stream().distinct().sorted(Comparator.reverseOrder()).toList(), ids);
    assertTrue(ids.size() >= 70);
  }

  /** A list tells nothing of the judgement of a page in work. */
  @Test
  void aPageInWorkIsListedWithoutAJudgement() {
    long id = begin("83 − 47", "exchange");
    write(id, stroke(0, "FIGURE", 4, 2, "4"), stroke(1, "FIGURE", 4, 1, "4"));
    JsonNode entry = talk.get("/api/attempts").json().at("/entries/0");
    assertEquals(id, entry.get("id").asLong());
    assertFalse(entry.get("handedIn").asBoolean());
    assertFalse(entry.has("slip"));
    assertEquals(0, entry.get("slips").asInt());
  }

  @Test
  void aDeletedAttemptIsGoneAndComesBack() {
    long id = begin("46 + 38", "column");
    assertEquals(204, talk.delete("/api/attempts/" + id).status());
    assertEquals(404, talk.get("/api/attempts/" + id).status());
    assertEquals(404, write(id, stroke(0, "FIGURE", 4, 2, "4")).status());
    assertEquals(204, talk.post("/api/attempts/" + id + "/restore", "").status());
    assertEquals(200, talk.get("/api/attempts/" + id).status());
  }

  @Test
  void aMethodOfDrawingsAndASumThatIsNoneAreRefused() {
    Talk.Answer drawn = talk.post("/api/attempts", Map.of("sum", Talk.sum("8 + 7", "dot-frames")));
    assertEquals(422, drawn.status());
    assertTrue(drawn.detail().contains("for looking at"));
    assertEquals(422, talk.post("/api/attempts", Map.of("sum", Map.of("plain", "8 +"))).status());
  }

  @Test
  void hintsGoDeeperOneByOne() {
    long id = begin("532 − 278", "exchange");
    String path = "/api/attempts/" + id + "/hint?depth=";
    assertEquals("Look at: Ones.", talk.post(path + 1, "").json().get("text").asText());
    assertTrue(talk.post(path + 2, "").json().get("text").asText().contains("?"));
    assertTrue(talk.post(path + 1, "").json().get("shown").isEmpty());
    assertEquals("4", talk.post(path + 3, "").json().at("/shown/0/text").asText());
    assertEquals(422, talk.post(path + 4, "").status());
  }

  /** A hint does not mention figures that are written only after the exchange. */
  @Test
  void aHintAsksAboutTheExchangeBeforeItSpeaksOfWhatItMakes() {
    long id = begin("436 − 118", "exchange");
    assertEquals(200, write(id, stroke(0, "FIGURE", 5, 3, "2")).status());
    String question =
        talk.post("/api/attempts/" + id + "/hint?depth=2", "").json().get("text").asText();
    assertEquals("Can we take 8 from 6? What do we do?", question);
  }

  /** It names no total, which the pupil has yet to find. */
  @Test
  void theFirstHintIsTheQuestionThatTheClassAsks() {
    Map<String, Object> sum = Map.of("plain", "46 + 38", "style", Map.of("questions", "OWN_STEPS"));
    long id = talk.post("/api/attempts", Map.of("sum", sum)).json().get("id").asLong();
    assertEquals(
        "Can 1 ten be made of the ones?",
        talk.post("/api/attempts/" + id + "/hint?depth=1", "").json().get("text").asText());
  }

  @Test
  void aSimulatedPupilMakesTheChosenSlips() {
    Map<String, Object> sum = Talk.sum("57 × 38", "column");
    JsonNode slips = talk.post("/api/slips", sum).json();
    assertTrue(slips.toString().contains("no zero to hold the places"));
    JsonNode page =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", List.of("no-placeholder"))).json();
    assertEquals("no-placeholder", page.at("/report/findings/0/slip").asText());
    assertFalse(page.at("/report/allRight").asBoolean());
    Talk.Answer unknown =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", List.of("daydreaming")));
    assertEquals(422, unknown.status());
  }

  /** A sender that did not hear the answer sends once more; nothing stands twice. */
  @Test
  void strokesThatAreKeptAlreadyMayBeSentOnceMore() {
    long id = begin("46 + 38", "column");
    Map<String, Object> first = stroke(0, "FIGURE", 4, 2, "4");
    Map<String, Object> second = stroke(1, "FIGURE", 4, 1, "8");
    assertEquals(200, write(id, first).status());
    JsonNode report = write(id, first, second).json();
    assertEquals(2, report.get("right").asInt());
    assertEquals(200, write(id, first, second).status());
    assertEquals(409, write(id, stroke(1, "FIGURE", 4, 1, "9")).status());
    assertEquals(2, talk.get("/api/attempts/" + id).json().get("strokes").size());
    assertEquals(200, talk.post("/api/attempts/" + id + "/hand-in", Map.of()).status());
    assertEquals(200, write(id, second).status());
    assertEquals(409, write(id, stroke(2, "FIGURE", 4, 0, "1")).status());
  }
}
