package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A class or a pupil taken out of one Bemble and read in by another. */
class ExtractTest {
  private static final String READ = "/api/extracts/read";

  @TempDir static Path folder;
  private static RunningApp from;
  private static RunningApp to;
  private static Talk here;
  private static Talk there;

  @BeforeAll
  static void start() {
    from = new RunningApp(folder.resolve("here"), true);
    to = new RunningApp(folder.resolve("there"), false);
    here = new Talk(from.address());
    there = new Talk(to.address());
  }

  @AfterAll
  static void stop() {
    from.close();
    to.close();
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
    byte[] file = here.get("/api/extracts/classes/" + current(here).get("id")).bytes();
    Talk.Answer taken = read(file);
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
