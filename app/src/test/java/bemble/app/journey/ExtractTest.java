package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.siege.Noise;
import bemble.app.siege.Views;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A class or a pupil taken out of one Bemble and read in by another. */
class ExtractTest {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String READ = "/api/extracts/read";

  @TempDir static Path folder;
  private static RunningApp from;
  private static RunningApp to;
  private static Talk here;
  private static Talk there;

  @BeforeAll
  static void start() {
    from = RunningApp.ofDemo(folder);
    to = RunningApp.emptied();
    here = new Talk(from.address());
    there = new Talk(to.address());
  }

  @AfterAll
  static void stop() {
    from.close();
  }

  private static Talk.Answer read(byte[] file) {
    return there.send(READ, "application/octet-stream", file);
  }

  private static JsonNode current(Talk talk) {
    for (JsonNode room : talk.get("/api/classes").json()) {
      if (room.get("current").asBoolean()) {
        return room;
      }
    }
    throw new AssertionError("no class");
  }

  /** The standings by the names of the pupils, whatever numbers they have. */
  private static List<String> standings(Talk talk) {
    JsonNode register = talk.get("/api/register").json();
    List<String> all = new ArrayList<>();
    for (JsonNode pupil : register.get("pupils")) {
      for (JsonNode square : register.get("squares")) {
        if (square.get("pupil").equals(pupil.get("id"))) {
          all.add(pupil.get("name") + " " + square.get("rung") + " " + square.get("why"));
        }
      }
    }
    return all;
  }

  private static List<String> titles(Talk talk, String path) {
    List<String> titles = new ArrayList<>();
    talk.get(path).json().get("entries").forEach(entry -> titles.add(entry.get("title").asText()));
    return titles;
  }

  @Test
  void aClassIsTheSameElsewhere() {
    Talk.Answer file = here.get("/api/extracts/classes/" + current(here).get("id"));
    assertEquals(200, file.status(), file.text());
    Talk.Answer taken = read(file.bytes());
    assertEquals(201, taken.status(), taken.text());
    assertEquals("Walled Garden", taken.json().get("name").asText());
    assertEquals(24, taken.json().get("pupils").asInt());
    assertFalse(current(there).get("name").asText().equals("Walled Garden"), "beside the others");
    for (JsonNode room : there.get("/api/classes").json()) {
      if (room.get("name").asText().equals("Walled Garden")) {
        there.post("/api/classes/" + room.get("id") + "/current", "");
      }
    }
    assertEquals(standings(here), standings(there));
    assertTrue(standings(there).size() > 100);
    assertEquals(titles(here, "/api/handouts"), titles(there, "/api/handouts"));
    assertEquals(titles(here, "/api/plan/log"), titles(there, "/api/plan/log"));
  }

  @Test
  void aPupilGoesIntoTheCurrentClassOnce() {
    JsonNode pupil = here.get("/api/roll").json().get(3);
    byte[] file = here.get("/api/extracts/pupils/" + pupil.get("id")).bytes();
    there.post("/api/classes", Map.of("name", "Herb beds"));
    for (JsonNode room : there.get("/api/classes").json()) {
      if (room.get("name").asText().equals("Herb beds")) {
        there.post("/api/classes/" + room.get("id") + "/current", "");
      }
    }
    assertEquals(201, read(file).status());
    List<String> expected =
        standings(here).stream().filter(each -> each.startsWith(pupil.get("name") + " ")).toList();
    assertEquals(expected, standings(there));
    Talk.Answer again = read(file);
    assertEquals(422, again.status());
    assertTrue(again.detail().contains(pupil.get("name").asText()), again.detail());
    assertEquals(expected, standings(there));
  }

  /** An extract refers only to rows within it, even if others write while it is taken. */
  @Test
  void anExtractIsOfOneMoment() throws Exception {
    String path = "/api/extracts/classes/" + current(here).get("id");
    AtomicBoolean isTaken = new AtomicBoolean();
    CompletableFuture<Void> writer =
        CompletableFuture.runAsync(
            () -> {
              while (!isTaken.get()) {
                beginRun(here, List.of(Map.of("plain", "742 − 368", "method", "exchange")));
              }
            });
    for (int time = 0; time < 5; time++) {
      JsonNode rows = here.get(path).json().get("rows");
      Set<Long> runs = new HashSet<>();
      rows.get("run").forEach(row -> runs.add(row.get("id").asLong()));
      for (JsonNode work : rows.get("work")) {
        boolean isOfRun = work.hasNonNull("run_id");
        assertTrue(!isOfRun || runs.contains(work.get("run_id").asLong()), work::toString);
      }
    }
    isTaken.set(true);
    writer.get();
  }

  /** A small class with a row in every table, as a file. */
  private static long bulbShed() {
    long id = 0;
    for (JsonNode room : there.get("/api/classes").json()) {
      id = room.get("name").asText().equals("Bulb shed") ? room.get("id").asLong() : id;
    }
    return id;
  }

  private static void beginRun(Talk talk, List<Object> sums) {
    talk.post(
        "/api/runs",
        Map.of(
            "title",
            "Beds",
            "sums",
            sums,
            "goal",
            Map.of("right", 1),
            "terms",
            Map.of("telling", "AT_END")));
  }

  private static String smallClass() {
    there.post("/api/classes", Map.of("name", "Bulb shed", "style", Map.of("onTop", "LONGER")));
    long id = bulbShed();
    there.post("/api/classes/" + id + "/current", "");
    long pupil =
        there.post("/api/roll", Map.of("names", "Neve\nBram")).json().get(0).get("id").asLong();
    List<Object> sums = List.of(Map.of("plain", "742 − 368", "method", "exchange"));
    long set =
        there
            .post("/api/sets", Map.of("title", "Beds", "lines", List.of(), "sums", sums))
            .json()
            .get("id")
            .asLong();
    Map<String, Object> handout = Map.of("title", "Beds", "sums", sums, "set", set, "version", "A");
    long given = there.post("/api/handouts", handout).json().get("id").asLong();
    Map<String, Object> answer = Map.of("pupil", pupil, "number", 0, "given", "426");
    there.put("/api/handouts/" + given + "/answers", Map.of("cells", List.of(answer)));
    Map<String, Object> attempt =
        Map.of("sum", Map.of("plain", "46 + 38"), "who", "Neve", "handout", given, "number", 0);
    long page = there.post("/api/attempts", attempt).json().get("id").asLong();
    Map<String, Object> stroke = Conversation.stroke(0, "FIGURE", 4, 2, "4");
    there.post("/api/attempts/" + page + "/strokes", Map.of("strokes", List.of(stroke)));
    beginRun(there, sums);
    there.put(
        "/api/register/standings",
        Noise.TAKEN.get("PUT /api/register/standings").replace(":1,", ":" + pupil + ","));
    there.post("/api/plan/lessons", Noise.TAKEN.get("POST /api/plan/lessons"));
    there.put("/api/plan/holidays", Noise.TAKEN.get("PUT /api/plan/holidays"));
    there.put("/api/plan/timetable", Noise.TAKEN.get("PUT /api/plan/timetable"));
    there.post("/api/ladder", Noise.TAKEN.get("POST /api/ladder"));
    String file = there.get("/api/extracts/classes/" + id).text();
    there.delete("/api/classes/" + id);
    return file;
  }

  /** A damaged file is refused, or all views of its rows can be opened. */
  @Test
  void aDamagedFileLeavesEveryViewAnswering() throws IOException {
    ObjectNode good = (ObjectNode) JSON.readTree(smallClass());
    List<String> tables = new ArrayList<>();
    good.get("rows").fieldNames().forEachRemaining(tables::add);
    Random random = new Random(31);
    int taken = 0;
    for (String table : tables) {
      ObjectNode damaged = good.deepCopy();
      String rows = Noise.damagedValue(good.get("rows").get(table).toString(), random);
      ((ObjectNode) damaged.get("rows")).set(table, JSON.readTree(rows));
      Talk.Answer answer = read(damaged.toString().getBytes(StandardCharsets.UTF_8));
      assertTrue(answer.status() < 500, () -> answer.status() + " for " + damaged);
      if (answer.status() == 201) {
        taken++;
        long read = lastClass();
        assertEquals(Map.of(), Views.failing(there, read), () -> table + " " + rows);
        there.delete("/api/classes/" + read);
      }
    }
    assertTrue(taken > 0, "some damages change a word alone");
  }

  private static long lastClass() {
    JsonNode classes = there.get("/api/classes").json();
    return classes.get(classes.size() - 1).get("id").asLong();
  }

  @ParameterizedTest
  @CsvSource({
    "'\"style\":\"([^\"\\\\]|\\\\.)*\"', '\"style\":\"garbage\"'",
    "'\"recipe\":\"\\{([^\"\\\\]|\\\\.)*\"', '\"recipe\":\"garbage\"'",
    "742 − 368, 742 − − 368",
    "'\"method\":\"exchange\"', '\"method\":\"abacus\"'",
    "EXERCISE, WORKSHEET",
    "WRONG, MAYBE",
    "SURE, CERTAIN",
    "'\"name\":\"Neve\"', '\"name\":null'"
  })
  void aFileWithOneThingThatCannotBeReadIsRefused(String what, String by) {
    String good = smallClass();
    JsonNode before = there.get("/api/classes").json();
    String bad = good.replaceFirst(what, by);
    assertFalse(bad.equals(good), what);
    Talk.Answer answer = read(bad.getBytes(StandardCharsets.UTF_8));
    assertEquals(422, answer.status(), answer.text());
    assertEquals(before, there.get("/api/classes").json());
  }

  /** Answers, pages and the sums of runs had tables of their own, and an outcome was a mark. */
  @ParameterizedTest
  @CsvSource({"16, mark", "30, outcome"})
  void readsAFileOfAnEarlierBemble(int schema, String outcome) throws IOException {
    String file =
        Files.readString(Path.of("src/test/resources/earlier-extract.json"))
            .replace("\"schema\": 16", "\"schema\": " + schema)
            .replace("\"mark\"", "\"" + outcome + "\"");
    Talk.Answer answer = read(file.getBytes(StandardCharsets.UTF_8));
    assertEquals(201, answer.status(), answer.text());
    assertEquals(2, answer.json().get("answers").asInt());
    long before = current(there).get("id").asLong();
    there.post("/api/classes/" + lastClass() + "/current", "");
    JsonNode entry = there.get("/api/handouts").json().at("/entries/0");
    JsonNode grid = there.get("/api/handouts/" + entry.get("id")).json();
    assertEquals("74", grid.at("/cells/0/given").asText());
    assertEquals("RIGHT", grid.at("/cells/1/outcome").asText());
    assertEquals(1, grid.get("pages").size());
    JsonNode page = there.get("/api/attempts/" + grid.at("/pages/0/attempt")).json();
    assertEquals("4", page.at("/strokes/0/text").asText());
    JsonNode run = there.get("/api/runs").json().at("/entries/0");
    assertEquals("Neve", run.get("who").asText());
    there.post("/api/classes/" + before + "/current", "");
    there.delete("/api/classes/" + bulbShed());
  }

  @Test
  void aFileThatIsNoneIsRefusedAndChangesNothing() {
    JsonNode before = there.get("/api/classes").json();
    String good = here.get("/api/extracts/classes/" + current(here).get("id")).text();
    List<String> bad =
        List.of(
            "",
            "[]",
            "null",
            "{\"format\":\"bemble-extract\"}",
            good.substring(0, good.length() / 2),
            good.replace("bemble-extract", "other"),
            good.replace("\"title\":", "\"titel\":"),
            good.replaceFirst("\"version\":\\d+", "\"version\":\"many\""),
            good.replace("\"handout_sum\":", "\"flyway_schema_history\":"));
    for (String file : bad) {
      Talk.Answer refused = read(file.getBytes(StandardCharsets.UTF_8));
      assertTrue(
          refused.status() == 422 || refused.status() == 400,
          () -> refused.status() + " for " + file.substring(0, Math.min(80, file.length())));
      assertTrue(refused.detail().length() > 10, refused.text());
    }
    String newer = good.replaceFirst("\"schema\":\\d+", "\"schema\":9999");
    assertTrue(read(newer.getBytes(StandardCharsets.UTF_8)).detail().contains("newer"));
    assertEquals(before, there.get("/api/classes").json());
    assertEquals(404, here.get("/api/extracts/pupils/99999").status());
  }
}
