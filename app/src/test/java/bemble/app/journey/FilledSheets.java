package bemble.app.journey;

import static org.awaitility.Awaitility.await;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;

/** Requests about filled sheets: handouts, piles of them, and the answers that were read. */
abstract class FilledSheets extends Conversation {
  static final List<String> SUMS = List.of("62 − 35", "48 + 27", "937 ÷ 8");

  /** Enrols these pupils unless other tests have done so; there may be more. */
  @BeforeAll
  static void enrol() {
    String there = talk.get("/api/roll").text();
    String missing =
        Stream.of("Neve", "Bram", "Ismay")
            .filter(name -> !there.contains("\"" + name + "\""))
            .collect(Collectors.joining("\n"));
    if (!missing.isEmpty()) {
      talk.post("/api/roll", Map.of("names", missing));
    }
  }

  static JsonNode handout(String... sums) {
    List<Object> items = new ArrayList<>();
    for (String sum : sums) {
      items.add(Map.of("plain", sum));
    }
    Map<String, Object> request =
        Map.of("title", "Potting shed", "sums", items, "pupils", firstPupils());
    return talk.post("/api/handouts", request).json();
  }

  /** As many as any of the piles needs: a sheet is printed for each. */
  private static List<Long> firstPupils() {
    List<Long> first = new ArrayList<>();
    for (JsonNode pupil : talk.get("/api/roll").json()) {
      if (first.size() < 3) {
        first.add(pupil.get("id").asLong());
      }
    }
    return first;
  }

  static JsonNode handout() {
    return handout(SUMS.toArray(String[]::new));
  }

  /** A pile of a handout's sheets as the first two pupils would fill it in. */
  static byte[] pile(JsonNode handout) {
    Map<String, Object> request = Map.of("seed", 5, "most", 2);
    Talk.Answer pile = talk.post("/api/handouts/" + handout.get("id") + "/stand-in", request);
    assertEquals(200, pile.status(), pile::text);
    return pile.bytes();
  }

  /** The same on squares, with their workings. */
  static byte[] worked(JsonNode handout) {
    Map<String, Object> request = Map.of("seed", 5, "most", 3, "setOut", true);
    Talk.Answer pile = talk.post("/api/handouts/" + handout.get("id") + "/stand-in", request);
    assertEquals(200, pile.status(), pile::text);
    return pile.bytes();
  }

  static Talk.Answer bring(JsonNode handout, byte[] file) {
    return talk.send(
        "/api/scans?name=pile.pdf&handout=" + handout.get("id"), "application/octet-stream", file);
  }

  /** The pile of a handout once all its pages are looked at. */
  static JsonNode read(JsonNode handout, byte[] file) {
    Talk.Answer begun = bring(handout, file);
    assertEquals(202, begun.status(), begun::text);
    JsonNode scan = looked(begun.json().get("scan"));
    assertEquals("READ", scan.get("state").asText());
    return scan;
  }

  /** A pile once all its waiting pages are looked at. */
  static JsonNode looked(JsonNode id) {
    return await()
        .atMost(Duration.ofMinutes(2))
        .until(
            () -> talk.get("/api/scans/" + id).json(),
            scan -> !scan.get("state").asText().equals("READING"));
  }

  static String path(JsonNode scan, JsonNode page) {
    return "/api/scans/" + scan.get("id") + "/pages/" + page.get("id");
  }

  static Talk.Answer settle(JsonNode scan, JsonNode page, int sum, String text) {
    Map<String, Object> settled = new HashMap<>();
    settled.put("page", page.get("id"));
    settled.put("sum", sum);
    settled.put("text", text);
    return talk.put("/api/scans/" + scan.get("id") + "/settled", List.of(settled));
  }

  /** The answers of the simulated pupils of a pile, by pupil and sum. */
  static Map<String, String> written(JsonNode handout) {
    Map<String, String> written = new HashMap<>();
    String simulated = "/api/handouts/" + handout.get("id") + "/simulated";
    for (JsonNode cell : talk.post(simulated, Map.of("seed", 5, "most", 2)).json().get("kept")) {
      written.put(cell.get("pupil") + " " + cell.get("number"), cell.get("given").asText());
    }
    return written;
  }
}
