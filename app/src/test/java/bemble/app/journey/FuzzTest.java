package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.siege.Noise;
import bemble.app.siege.Views;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is sent, Bemble answers with a sentence and never fails itself. */
@BeginsEmpty
class FuzzTest extends Conversation {
  /** The attempt, roll, run, handout, lesson, page and set that the bodies speak of. */
  @BeforeAll
  static void prepare() {
    for (String path :
        List.of(
            "/api/attempts",
            "/api/roll",
            "/api/runs",
            "/api/handouts",
            "/api/plan/lessons",
            "/api/pages",
            "/api/sets")) {
      assertEquals(201, talk.post(path, Noise.TAKEN.get("POST " + path)).status(), path);
    }
  }

  private static Talk.Answer send(String asked, String body) {
    String[] parts = asked.split(" ");
    return parts[0].equals("PUT") ? talk.put(parts[1], body) : talk.post(parts[1], body);
  }

  private static void answersForItself(Talk.Answer answer, String sent) {
    assertTrue(answer.status() < 500, () -> answer.status() + " for " + sent);
    if (answer.status() >= 400) {
      assertTrue(answer.detail().length() > 10, () -> answer.text() + " for " + sent);
      assertEquals(answer.status(), answer.json().get("status").asInt());
    }
  }

  @Test
  void everyLineIsWorkedOrRefusedInASentence() {
    Random random = new Random(2026);
    for (int i = 0; i < 600; i++) {
      String line = Noise.line(random);
      answersForItself(talk.post("/api/workings", Map.of("plain", line)), line);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"+", "9", " ", "9+", "7 ", "((", "\uD83C\uDF31", "√"})
  void aLineOfTwoThousandSignsIsRefused(String piece) {
    String line = piece.repeat(2000);
    Talk.Answer answer = talk.post("/api/workings", Map.of("plain", line));
    assertEquals(422, answer.status());
    answersForItself(answer, piece);
  }

  @Test
  void aSignIsNamedWhole() {
    Talk.Answer answer = talk.post("/api/workings", Map.of("plain", "34 \uD83C\uDF31 56"));
    assertTrue(answer.detail().contains("\uD83C\uDF31"), answer::detail);
  }

  @Test
  void everyBodyIsTakenOrRefusedInASentence() {
    Random random = new Random(2027);
    List<String> all = List.copyOf(Noise.TAKEN.keySet());
    for (int i = 0; i < 800; i++) {
      String asked = all.get(random.nextInt(all.size()));
      String body = Noise.damaged(Noise.TAKEN.get(asked), random);
      answersForItself(send(asked, body), asked + " " + body);
    }
    assertEquals(Map.of(), Views.failing(talk));
  }

  /**
   * All bodies of the list are taken undamaged: otherwise the test above would damage refused ones.
   */
  @Test
  void theUndamagedBodiesAreTaken() {
    Noise.TAKEN.forEach(
        (asked, body) -> {
          boolean once =
              asked.startsWith("POST /api/attempts/1/")
                  || asked.contains("lessons/1")
                  || asked.contains("scans/1")
                  || asked.contains("/room")
                  || asked.endsWith("/stand-in")
                  || asked.equals("PUT /api/classes/1")
                  || List.of("POST /api/roll", "POST /api/ladder").contains(asked);
          if (!once && !asked.equals("POST /api/working-checks")) {
            Talk.Answer answer = send(asked, body);
            assertTrue(answer.status() < 300, () -> asked + " " + answer.text());
          }
        });
  }

  @Test
  void aBodyOfTheListStandsForEachAddressThatTakesOne() {
    Set<String> addresses = new TreeSet<>();
    JsonNode paths = talk.get("/api/openapi").json().get("paths");
    paths
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        way -> {
                          if (way.getValue().at("/requestBody/content").has("application/json")) {
                            addresses.add(
                                way.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey());
                          }
                        }));
    for (String asked : Noise.TAKEN.keySet()) {
      String plain = asked.replaceFirst("\\?.*", "").replaceFirst("\\d+", "{id}");
      addresses.remove(plain);
      addresses.remove(plain.replaceFirst("ladder/.*", "ladder/{id}"));
      String ofPage = plain.replaceFirst("pages/\\d+", "pages/{page}");
      addresses.remove(ofPage.replaceFirst("workings/\\d+", "workings/{sum}"));
    }
    assertEquals(Set.of(), addresses);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/error",
        "/%00",
        "/api/pages/%00",
        "/api/pages/9223372036854775808",
        "/api/pages?search=%25%00",
        "/api/nothing",
        "/slate/1;a=b",
        "/api/attempts/-1",
        "/..%2f..%2fetc"
      })
  void aPathThatLeadsNowhereIsNoFailure(String path) {
    assertTrue(talk.get(path).status() < 500, path);
  }

  @Test
  void whatIsNotUnderstoodIsRefusedAndNotPassedOver() {
    Talk.Answer unknown = talk.post("/api/workings", "{\"plain\":\"1 + 2\",\"places\":1}");
    assertEquals(400, unknown.status());
    String strip = Noise.TAKEN.get("POST /api/exports/pdf");
    assertEquals(422, talk.post("/api/exports/pdf", strip.replace(":6}", ":-7}")).status());
    assertEquals(400, talk.post("/api/exports/pdf", strip.replace(":6}", ":6.5}")).status());
  }
}
