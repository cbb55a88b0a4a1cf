package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is sent, Bemble answers with a sentence and never fails itself. */
@OwnApp
class FuzzTest extends Conversation {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String SUM = "{\"plain\":\"57 × 38\",\"method\":\"column\",\"style\":{}}";

  private static final String RECIPE =
      "{\"operation\":\"SUBTRACTION\",\"numbers\":[{\"figures\":{\"from\":3,\"to\":3}},"
          + "{\"figures\":{\"from\":2,\"to\":2},\"of\":\"123\"}],"
          + "\"wishes\":{\"exchanges\":{\"from\":1,\"to\":2}},\"places\":0}";

  private static final String SUMS =
      "[{\"plain\":\"402 − 87\",\"method\":\"exchange\",\"rung\":\"\",\"part\":\"PRACTISE\"}]";

  /** A body that is taken, for everything that can be posted. */
  private static final Map<String, String> TAKEN =
      Map.ofEntries(
          Map.entry("/api/workings", SUM),
          Map.entry("/api/workings/words", SUM),
          Map.entry("/api/calculations", SUM),
          Map.entry("/api/working-lines", SUM),
          Map.entry("/api/slips", SUM),
          Map.entry("/api/exports/svg?step=3", SUM),
          Map.entry("/api/exports/page", SUM),
          Map.entry("/api/working-checks", "{\"sum\":" + SUM + ",\"lines\":{\"ANSWER 0\":\"21\"}}"),
          Map.entry("/api/pupils", "{\"sum\":" + SUM + ",\"slips\":[\"no-placeholder\"]}"),
          Map.entry(
              "/api/ladder",
              "{\"name\":\"Tens from tens\",\"method\":\"exchange\",\"recipe\":"
                  + "{\"operation\":\"SUBTRACTION\",\"wishes\":{\"exchanges\":{\"from\":1}},"
                  + "\"numbers\":[{\"figures\":{\"from\":2,\"to\":2}},"
                  + "{\"figures\":{\"from\":2,\"to\":2}}]}}"),
          Map.entry("/api/pages", "{\"sum\":" + SUM + ",\"title\":\"Bulbs\",\"note\":\"\"}"),
          Map.entry("/api/classes", "{\"name\":\"Seed Barn\",\"style\":{\"onTop\":\"LONGER\"}}"),
          Map.entry(
              "/api/attempts",
              "{\"sum\":"
                  + SUM
                  + ",\"who\":\"Bram\",\"settingOut\":\"OWN\",\"telling\":\"AT_END\"}"),
          Map.entry(
              "/api/attempts/1/strokes",
              "{\"strokes\":[{\"number\":0,\"millis\":5,\"kind\":\"FIGURE\",\"row\":4,\"column\":2,"
                  + "\"text\":\"6\"}]}"),
          Map.entry("/api/attempts/1/hint?depth=2", "{}"),
          Map.entry("/api/attempts/1/hand-in", "{\"explanation\":\"Added up.\"}"),
          Map.entry("/api/recipes/count", RECIPE),
          Map.entry("/api/recipes/draw", "{\"recipe\":" + RECIPE + ",\"count\":5,\"seed\":7}"),
          Map.entry(
              "/api/sets/draft",
              "{\"lines\":[{\"recipe\":"
                  + RECIPE
                  + ",\"count\":3}],\"held\":{\"1\":\"402 − 87\"},\"order\":\"MIXED\"}"),
          Map.entry("/api/sets/typed", "{\"text\":\"46 + 38\"}"),
          Map.entry(
              "/api/sets/telling-apart",
              "{\"line\":{\"rung\":\"addition-ones-carry\",\"count\":3},\"seed\":4}"),
          Map.entry("/api/sets", "{\"title\":\"Beds\",\"lines\":[],\"sums\":" + SUMS + "}"),
          Map.entry(
              "/api/sets/even",
              "{\"lines\":[{\"rung\":\"addition-ones-carry\",\"count\":2}],\"sums\":"
                  + SUMS
                  + ",\"held\":[0],\"seed\":2}"),
          Map.entry("/api/sets/workload", SUMS),
          Map.entry("/api/sets/slip-key", SUMS),
          Map.entry(
              "/api/sets/sheets",
              "{\"title\":\"Beds\",\"sums\":" + SUMS + ",\"kind\":\"EXERCISES\",\"square\":7}"),
          Map.entry(
              "/api/sets/sheets/preview",
              "{\"title\":\"Beds\",\"sums\":" + SUMS + ",\"kind\":\"ANSWERS\"}"),
          Map.entry(
              "/api/runs",
              "{\"title\":\"Beds\",\"sums\":" + SUMS + ",\"right\":1,\"telling\":\"AT_END\"}"),
          Map.entry("/api/runs/1/next", "{}"),
          Map.entry("/api/roll", "{\"names\":\"Neve\\nBram\"}"),
          Map.entry(
              "/api/handouts",
              "{\"title\":\"Beds\",\"sums\":" + SUMS + ",\"kind\":\"QUIZ\",\"passMark\":1}"),
          Map.entry("/api/handouts/1/simulated", "{\"seed\":4,\"most\":2}"),
          Map.entry("/api/handouts/1/reteach", "{\"slip\":\"smaller-from-larger\"}"),
          Map.entry("/api/handouts/1/csv", "{\"table\":\"Neve,21,x\"}"),
          Map.entry(
              "/api/diagnoses",
              "{\"items\":[{\"problem\":\"52 − 27\",\"method\":\"exchange\"}],"
                  + "\"answers\":[\"35\"]}"),
          Map.entry("/api/register/evidence", "{}"),
          Map.entry(
              "/api/plan/lessons",
              "{\"day\":\"2031-03-04\",\"kind\":\"RETEACH\",\"rung\":\"addition-ones-carry\","
                  + "\"slip\":\"carry-not-added\"}"),
          Map.entry("/api/plan/lessons/1/parts/0", "{}"),
          Map.entry("/api/plan/lessons/1/repeat", "{\"weeks\":2}"),
          Map.entry("/api/fact-help", "{\"kind\":\"ADD\",\"operands\":[\"8\",\"7\"]}"),
          Map.entry(
              "/api/exports/pdf",
              "{\"sum\":" + SUM + ",\"kind\":\"STRIP\",\"per\":\"COLUMN\",\"frames\":6}"),
          Map.entry(
              "/api/exports/read",
              "{\"format\":\"bemble-page\",\"version\":1,\"problem\":\"1 +"
                  + " 2\",\"method\":\"column\",\"style\":{}}"));

  private static final String[] PIECES = {
    "0",
    "7",
    "38",
    "9999999999999999999999999",
    "1,234",
    "1,2",
    "0.5",
    ".",
    ",",
    "+",
    "−",
    "-",
    "×",
    "x",
    "*",
    "÷",
    "/",
    ":",
    "√",
    "sqrt",
    "root of",
    "to 3 places",
    "to 1.9 places",
    "→",
    "=",
    "?",
    " ",
    "  ",
    "\t",
    "\u2009",
    "\u00a0",
    "(",
    ")",
    "{",
    "}",
    "'",
    "\"",
    "\\",
    "plus",
    "times",
    "O",
    "l",
    "é",
    "ß",
    "\uD83C\uDF31",
    "\uD83C",
    "\u0000",
    "\u202e",
    "٣",
    "½",
    "²",
    "e9",
    "-1",
    "NaN",
    "%00",
    "<b>",
    "null"
  };

  @BeforeAll
  static void prepare() {
    for (String path :
        List.of("/api/attempts", "/api/roll", "/api/runs", "/api/handouts", "/api/plan/lessons")) {
      assertEquals(201, talk.post(path, TAKEN.get(path)).status(), path);
    }
  }

  private static void answersForItself(Talk.Answer answer, String sent) {
    assertTrue(answer.status() < 500, () -> answer.status() + " for " + sent);
    if (answer.status() >= 400) {
      assertTrue(answer.detail().length() > 10, () -> answer.text() + " for " + sent);
      assertEquals(answer.status(), answer.json().get("status").asInt());
    }
  }

  private static String line(Random random) {
    StringBuilder line = new StringBuilder();
    for (int n = random.nextInt(1 + random.nextInt(24)); n >= 0; n--) {
      String piece = PIECES[random.nextInt(PIECES.length)];
      line.append(piece.repeat(random.nextInt(12) == 0 ? 1 + random.nextInt(80) : 1));
    }
    return line.toString();
  }

  @Test
  void everyLineIsWorkedOrRefusedInASentence() {
    Random random = new Random(2026);
    for (int i = 0; i < 1000; i++) {
      String line = line(random);
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
  void everyBodyIsTakenOrRefusedInASentence() throws JsonProcessingException {
    Random random = new Random(2027);
    List<String> paths = new ArrayList<>(TAKEN.keySet());
    paths.sort(null);
    for (int i = 0; i < 1000; i++) {
      String path = paths.get(random.nextInt(paths.size()));
      String body = damaged(TAKEN.get(path), random);
      answersForItself(talk.post(path, body), path + " " + body);
    }
  }

  /** The body with one thing otherwise: a value, a field more or less, or its end cut off. */
  private static String damaged(String body, Random random) throws JsonProcessingException {
    if (random.nextInt(10) == 0) {
      return body.substring(0, random.nextInt(body.length()));
    }
    JsonNode tree = JSON.readTree(body);
    List<ObjectNode> objects = new ArrayList<>();
    collect(tree, objects);
    ObjectNode object = objects.get(random.nextInt(objects.size()));
    List<String> names = new ArrayList<>();
    object.fieldNames().forEachRemaining(names::add);
    if (names.isEmpty() || random.nextInt(8) == 0) {
      object.put("unheardOf", 1);
      return JSON.writeValueAsString(tree);
    }
    String name = names.get(random.nextInt(names.size()));
    switch (random.nextInt(9)) {
      case 0 -> object.remove(name);
      case 1 -> object.putNull(name);
      case 2 -> object.put(name, -7);
      case 3 -> object.put(name, 1.9);
      case 4 -> object.put(name, Long.MAX_VALUE);
      case 5 -> object.put(name, line(random));
      case 6 -> object.put(name, "a".repeat(3000));
      case 7 -> object.putArray(name).add(random.nextBoolean());
      default -> object.putObject(name).put(line(random), true);
    }
    return JSON.writeValueAsString(tree);
  }

  private static void collect(JsonNode node, List<ObjectNode> objects) {
    if (node instanceof ObjectNode object) {
      objects.add(object);
    }
    if (node instanceof ObjectNode || node instanceof ArrayNode) {
      node.forEach(child -> collect(child, objects));
    }
  }

  /** Every body of the list is taken as it is, or the test above would damage what was refused. */
  @Test
  void theUndamagedBodiesAreTaken() {
    TAKEN.forEach(
        (path, body) -> {
          boolean once =
              path.startsWith("/api/attempts/1/")
                  || List.of("/api/roll", "/api/ladder").contains(path);
          if (!once && !path.equals("/api/working-checks")) {
            Talk.Answer answer = talk.post(path, body);
            assertTrue(answer.status() < 300, () -> path + " " + answer.text());
          }
        });
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
    String strip = TAKEN.get("/api/exports/pdf");
    assertEquals(422, talk.post("/api/exports/pdf", strip.replace(":6}", ":-7}")).status());
    assertEquals(400, talk.post("/api/exports/pdf", strip.replace(":6}", ":6.5}")).status());
  }
}
