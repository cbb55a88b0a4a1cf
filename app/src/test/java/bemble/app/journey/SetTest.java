package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sets over HTTP. */
@BeginsEmpty
class SetTest extends Conversation {
  private static final Map<String, Object> TWELVE =
      Map.of("rung", "subtraction-one-zero-crossed", "count", 12);

  private static JsonNode draft(Map<String, Object> request) {
    Talk.Answer answer = talk.post("/api/sets/draft", request);
    assertEquals(200, answer.status(), answer.text());
    return answer.json();
  }

  private static List<String> plain(JsonNode of) {
    return of.get("sums").findValues("plain").stream().map(JsonNode::asText).toList();
  }

  private static JsonNode kept(String title, long seed) {
    JsonNode draft = draft(Map.of("lines", List.of(TWELVE), "seed", seed));
    List<Object> sums = new ArrayList<>();
    for (JsonNode sum : draft.get("sums")) {
      sums.add(
          Map.of(
              "plain", sum.get("plain").asText(),
              "method", sum.get("method").asText(),
              "rung", sum.get("rung").asText()));
    }
    Talk.Answer answer =
        talk.post("/api/sets", Map.of("title", title, "lines", List.of(TWELVE), "sums", sums));
    assertEquals(201, answer.status(), answer.text());
    return answer.json();
  }

  @Test
  void theLadderHasEveryRungWithItsRecipe() {
    JsonNode ladder = talk.get("/api/ladder").json();
    assertTrue(ladder.size() > 55, ladder.size() + " rungs");
    for (JsonNode rung : ladder) {
      JsonNode count = talk.post("/api/recipes/count", rung.get("recipe")).json().get("count");
      assertTrue(count.asLong() >= 40, rung::toString);
      assertFalse(rung.get("wishes").toString().contains("{"), rung::toString);
    }
  }

  @Test
  void aSetIsKeptFoundChangedDeletedAndBroughtBack() {
    JsonNode set = kept("Beds by the wall", 3);
    String path = "/api/sets/" + set.get("id").asLong();
    assertEquals(12, set.get("sums").size());
    assertEquals("A", set.get("version").asText());
    assertTrue(set.at("/workload/seconds").asInt() > 12);
    assertEquals(set, talk.get(path).json());
    assertTrue(talk.get("/api/sets?search=by%20the%20wall").text().contains("Beds by the wall"));

    Map<String, Object> change =
        Map.of("title", "Beds", "sums", List.of(Map.of("plain", "402 − 87")));
    JsonNode changed = talk.put(path, change).json();
    assertEquals(List.of("402 − 87"), plain(changed));
    assertEquals("Beds", changed.get("title").asText());
    assertEquals("315", changed.at("/sums/0/answer").asText());

    assertEquals(204, talk.delete(path).status());
    assertEquals(404, talk.get(path).status());
    assertEquals(204, talk.post(path + "/restore", Map.of()).status());
    assertEquals(changed, talk.get(path).json());
  }

  @Test
  void aSetThatWasChangedElsewhereMeanwhileIsNotOverwritten() {
    JsonNode set = kept("Seed rows", 6);
    String path = "/api/sets/" + set.get("id").asLong();
    String state = set.get("state").asText();
    Map<String, Object> one = Map.of("plain", "402 − 87");
    Map<String, Object> change = Map.of("title", "Here", "sums", List.of(one), "state", state);
    JsonNode here = talk.put(path, change).json();
    assertFalse(here.get("state").asText().equals(state));
    Map<String, Object> other = Map.of("title", "There", "sums", List.of(one), "state", state);
    Talk.Answer late = talk.put(path, other);
    assertEquals(409, late.status());
    assertTrue(late.detail().startsWith("This set was changed in another window"), late.detail());
    assertEquals(here, talk.get(path).json());
  }

  @Test
  void whatIsHeldStaysAndTheClassesLatestSumsDoNotComeAgain() {
    List<String> before = plain(kept("Sowing", 4));
    Map<String, Object> request =
        Map.of("lines", List.of(TWELVE), "held", Map.of("3", before.get(3)), "seed", 4);
    List<String> now = plain(draft(request));
    assertEquals(12, new HashSet<>(now).size());
    for (int i = 0; i < 12; i++) {
      assertEquals(i == 3, before.contains(now.get(i)), "at " + i);
    }
  }

  @Test
  void aSumThatCannotBeReadSpoilsItsOwnSetOnly() {
    long good = kept("Good", 11).get("id").asLong();
    long bad = kept("Bad", 12).get("id").asLong();
    app.spoil("update set_sum set plain = '4 + + 2' where number = 1 and set_id = " + bad);
    assertEquals(422, talk.get("/api/sets/" + bad).status());
    assertEquals(200, talk.get("/api/sets/" + good).status());
    assertEquals(12, draft(Map.of("lines", List.of(TWELVE))).get("sums").size());
    assertTrue(talk.get("/api/sets").text().contains("Bad"));
    assertEquals(204, talk.delete("/api/sets/" + bad).status());
  }

  @Test
  void versionsHaveOtherSumsUpToTheFourth() {
    JsonNode first = kept("Seed trays", 5);
    String path = "/api/sets/" + first.get("id").asLong();
    Set<String> used = new HashSet<>(plain(first));
    int seconds = first.at("/workload/seconds").asInt();
    for (String version : List.of("B", "C", "D")) {
      JsonNode next = talk.post(path + "/versions", Map.of()).json();
      assertEquals(version, next.get("version").asText());
      plain(next).forEach(sum -> assertTrue(used.add(sum), sum));
      double ratio = next.at("/workload/seconds").asDouble() / seconds;
      assertTrue(ratio > 0.95 && ratio < 1.05, () -> version + " " + ratio);
      assertEquals(next, talk.get(path + "?version=" + version).json());
    }
    assertEquals(422, talk.post(path + "/versions", Map.of()).status());
    assertEquals(4, talk.get(path).json().get("versions").size());
  }

  @Test
  void aLessonHasItsParts() {
    Map<String, Object> request = Map.of("lines", List.of(TWELVE), "lesson", true, "seed", 1);
    List<JsonNode> parts = draft(request).get("sums").findValues("part");
    assertEquals(17, parts.size());
    assertEquals("SHOW", parts.get(1).asText());
    assertEquals("TOGETHER", parts.get(3).asText());
    assertEquals("EXPLAIN", parts.get(16).asText());
  }

  @Test
  void theSlipKeyNamesTheSlipsBehindWrongAnswers() {
    Map<String, Object> request =
        Map.of("title", "Canes", "sums", List.of(Map.of("plain", "503 − 87")));
    long id = talk.post("/api/sets", request).json().get("id").asLong();
    JsonNode key = talk.get("/api/sets/" + id + "/slip-key").json().get(0);
    assertEquals("416", key.get("answer").asText());
    boolean named = false;
    for (JsonNode wrong : key.get("wrong")) {
      assertFalse(wrong.get("answer").asText().equals("416"), key::toString);
      named |=
          wrong.get("answer").asText().equals("584")
              && wrong.get("slips").toString().contains("smaller-from-larger");
    }
    assertTrue(named, key::toString);
  }

  @Test
  void aSetTellsSlipsApart() {
    Map<String, Object> request =
        Map.of(
            "line",
            TWELVE,
            "slips",
            List.of("smaller-from-larger", "neighbour-not-less", "zero-passed-becomes-ten"),
            "seed",
            2);
    JsonNode set = talk.post("/api/sets/telling-apart", request).json();
    assertEquals(0, set.get("doubts").size(), set::toString);
    assertEquals(3, set.get("slips").size());
    for (int one = 0; one < 4; one++) {
      for (int other = one + 1; other < 4; other++) {
        int apart = 0;
        for (JsonNode row : set.get("answers")) {
          apart += row.get(one).equals(row.get(other)) ? 0 : 1;
        }
        assertTrue(apart >= (one == 0 ? 3 : 2), one + " and " + other);
      }
    }
  }

  /** How often the fact is used that is used most. */
  private static int most(JsonNode set) {
    return set.at("/workload/uses/0/times").asInt();
  }

  @Test
  void aSetIsEvenedOut() {
    JsonNode draft = draft(Map.of("lines", List.of(TWELVE), "seed", 11));
    List<Object> sums = new ArrayList<>();
    for (JsonNode sum : draft.get("sums")) {
      sums.add(
          Map.of(
              "plain",
              sum.get("plain").asText(),
              "method",
              "exchange",
              "rung",
              sum.get("rung").asText()));
    }
    Map<String, Object> request =
        Map.of("lines", List.of(TWELVE), "sums", sums, "held", List.of(2), "seed", 1);
    JsonNode even = talk.post("/api/sets/even", request).json();
    assertEquals(12, even.get("sums").size());
    assertEquals(draft.at("/sums/2/plain"), even.at("/sums/2/plain"));
    assertTrue(most(even) <= most(draft));
    assertFalse(plain(even).equals(plain(draft)));
  }

  @Test
  void aSetLeavesAndEntersAsAFile() {
    JsonNode set = kept("Cold frames", 8);
    String path = "/api/sets/" + set.get("id").asLong();
    JsonNode file = talk.get(path + "/file").json();
    JsonNode again = talk.post("/api/sets/read", file).json();
    assertTrue(again.get("id").asLong() != set.get("id").asLong());
    for (String part : List.of("title", "lines", "sums", "workload")) {
      assertEquals(set.get(part), again.get(part), part);
    }
    ObjectNode named = (ObjectNode) file;
    assertEquals(422, talk.post("/api/sets/read", named.put("title", "a".repeat(81))).status());
    named.put("title", " Cold\u202e  frames ");
    assertEquals("Cold frames", talk.post("/api/sets/read", named).json().get("title").asText());
    Map<String, Object> newer =
        Map.of("format", "bemble-set", "version", 2, "title", "Beds", "sums", List.of());
    assertTrue(talk.post("/api/sets/read", newer).detail().contains("not a set"));
    assertTrue(
        talk.post("/api/sets/read", named.put("version", 9)).detail().contains("newer Bemble"));
  }

  @Test
  void aSetLeavesAndEntersAsATable() {
    JsonNode set = kept("Water butts", 9);
    String path = "/api/sets/" + set.get("id").asLong();
    String table = talk.get(path + "/csv").text();
    assertTrue(table.startsWith("sum,answer,method,rung,part"), table);
    assertEquals(13, table.lines().count());
    JsonNode read = csv(table);
    assertEquals(plain(set), plain(read));
    assertEquals(0, read.get("bad").size());
    JsonNode bad = csv("46 + 38,84\n\"twelve\",12\n");
    assertEquals(List.of("46 + 38"), plain(bad));
    assertEquals(2, bad.at("/bad/0/line").asInt());
  }

  private static JsonNode csv(String table) {
    Talk.Answer answer =
        talk.send(
            "/api/sets/csv", "text/csv", table.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    assertEquals(200, answer.status(), answer.text());
    return answer.json();
  }

  /** The number of rounds and the remainder stay hidden. */
  @ParameterizedTest
  @ValueSource(strings = {"9736 ÷ 8\n8008 ÷ 8", "224 × 26\n999 × 99", "1000 − 999\n9000 − 111"})
  void theSizeOfATileTellsNothingOfTheAnswer(String sums) {
    JsonNode read = talk.post("/api/sets/typed", Map.of("text", sums)).json().get("sums");
    assertEquals(2, read.size());
    assertEquals(read.at("/0/paper/extent"), read.at("/1/paper/extent"));
  }

  @Test
  void aPastedListIsReadLineByLine() {
    JsonNode read =
        talk.post("/api/sets/typed", Map.of("text", "46 + 38\n\n12 plus\n7 x 8\n9 ÷ 0\n38 + 46"))
            .json();
    assertEquals(List.of("46 + 38", "7 × 8"), plain(read));
    assertEquals(3, read.at("/bad/0/line").asInt());
    assertEquals(5, read.at("/bad/1/line").asInt());
    assertTrue(read.at("/bad/1/sentence").asText().length() > 10);
    assertTrue(read.at("/bad/2/sentence").asText().contains("earlier line"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "/api/sets/draft | {\"lines\":[]}                                     | 1 to 20 lines",
        "/api/sets/draft | {\"lines\":[{\"rung\":\"root-cellar\",\"count\":3}]}    | “root-cellar”",
        "/api/sets/draft | {\"lines\":[{\"rung\":\"root-remainder\",\"count\":0}]} | 1 to 100 sums",
        "/api/sets/draft | {\"lines\":[{\"count\":3}]}                          | Say what is to"
            + " be",
        "/api/sets       | {\"title\":\" \",\"sums\":[{\"plain\":\"1 + 2\"}]}       | a title",
        "/api/sets       | {\"title\":\"Beds\",\"sums\":[]}                       | 1 to 200 sums",
        "/api/sets       | {\"title\":\"Beds\",\"sums\":[{\"plain\":\"5 − 9\"}]}    | 9"
      })
  void refusesInASentence(String path, String body, String said) {
    Talk.Answer answer =
        talk.send(path, "application/json", body.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    assertTrue(answer.status() == 422 || answer.status() == 400, answer::text);
    assertTrue(answer.detail().contains(said), answer::detail);
  }

  @Test
  void aRecipeThatNothingFitsIsRefusedWithItsClash() {
    Object number = Map.of("figures", Map.of("from", 3, "to", 3));
    Map<String, Object> recipe =
        Map.of(
            "operation",
            "SUBTRACTION",
            "numbers",
            List.of(number, number),
            "wishes",
            Map.of("exchanges", Map.of("to", 1), "zerosCrossed", Map.of("from", 1)));
    Talk.Answer answer =
        talk.post(
            "/api/sets/draft", Map.of("lines", List.of(Map.of("recipe", recipe, "count", 3))));
    assertEquals(422, answer.status());
    assertTrue(answer.detail().contains("cannot be had together"), answer::detail);
  }
}
