package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.file.CraftedFile;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Backups that are made and brought back while Bemble runs. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BackupTest {
  private static final String RESTORE = "/api/backups/restore";
  private static final String LOOK = "/api/backups/look";
  @TempDir static Path folder;
  private RunningApp app;
  private Talk talk;

  @BeforeAll
  void start() {
    app = RunningApp.ofDemo(folder);
    talk = new Talk(app.address());
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private Talk.Answer restore(byte[] zip) {
    return talk.send(RESTORE, "application/zip", zip);
  }

  private byte[] backup() {
    Talk.Answer now = talk.get("/api/backups/now");
    assertEquals(200, now.status());
    return now.bytes();
  }

  private long begin() {
    Map<String, Object> sum = Map.of("sum", Talk.sum("23 + 45", "column"));
    return talk.post("/api/attempts", sum).json().get("id").asLong();
  }

  private void write(long id, int number, String figure) {
    Map<String, Object> stroke = Conversation.stroke(number, "FIGURE", 4, 3 - number, figure);
    Map<String, Object> strokes = Map.of("strokes", List.of(stroke));
    assertEquals(200, talk.post("/api/attempts/" + id + "/strokes", strokes).status());
  }

  /** The contents of all lists and pages. */
  private Map<String, JsonNode> everything() {
    Map<String, JsonNode> all = new HashMap<>();
    for (String list :
        List.of(
            "/api/pages",
            "/api/classes",
            "/api/attempts",
            "/api/handouts",
            "/api/register",
            "/api/plan?weeks=12&from=" + LocalDate.now().minusWeeks(9),
            "/api/plan/log")) {
      all.put(list, talk.get(list).json());
    }
    for (JsonNode attempt : all.get("/api/attempts").get("entries")) {
      String path = "/api/attempts/" + attempt.get("id");
      all.put(path, talk.get(path).json());
    }
    return all;
  }

  private void changeMuch() {
    JsonNode pages = talk.get("/api/pages").json().get("entries");
    talk.delete("/api/pages/" + pages.get(0).get("id"));
    talk.post("/api/pages", Map.of("sum", Map.of("plain", "23 + 45"), "title", "Since"));
    talk.post("/api/classes", Map.of("name", "Since"));
    JsonNode attempts = talk.get("/api/attempts").json().get("entries");
    talk.delete("/api/attempts/" + attempts.get(0).get("id"));
  }

  @Test
  void bringsBackAllThatWasKept() {
    Map<String, JsonNode> before = everything();
    byte[] zip = backup();
    changeMuch();
    assertFalse(before.equals(everything()));
    assertEquals(200, restore(zip).status());
    assertEquals(before, everything());
  }

  @Test
  void whatWasThereCanBeBroughtBackInTurn() {
    byte[] zip = backup();
    changeMuch();
    Map<String, JsonNode> changed = everything();
    JsonNode copy = restore(zip).json();
    assertTrue(copy.get("before").asBoolean());
    String again = "/api/backups/" + copy.get("name").asText() + "/restore";
    assertEquals(200, talk.post(again, "").status());
    assertEquals(changed, everything());
  }

  /** An open page that differs from the backup is read anew, and later strokes are numbered on. */
  @Test
  void writingGoesOnWhereTheBackupStops() {
    long attempt = begin();
    write(attempt, 0, "8");
    byte[] zip = backup();
    write(attempt, 1, "6");
    restore(zip);
    assertEquals(1, talk.get("/api/attempts/" + attempt).json().get("strokes").size());
    write(attempt, 1, "7");
    assertTrue(begin() > attempt);
  }

  /** More than other bodies may be. */
  @Test
  void looksAtALargeBackupBeforeItIsBroughtBack() {
    byte[] small = backup();
    app.spoil(
        "insert into page (plain, method, style, title, note, kept_at) select '46 + 38', 'column',"
            + " '{}', 'Bulbs ' || x, rawtohex(secure_rand(1000)), current_timestamp"
            + " from system_range(1, 500)");
    byte[] large = backup();
    assertTrue(large.length > 400_000, () -> large.length + " bytes");
    Talk.Answer look = talk.send(LOOK, "application/zip", large);
    assertEquals(200, look.status(), look::text);
    assertTrue(look.json().at("/backup/pages").asInt() >= 500);
    assertEquals(200, restore(large).status());
    assertEquals(200, restore(small).status());
  }

  @Test
  void refusesWhatIsNoBackup() throws IOException {
    Map<String, JsonNode> before = everything();
    byte[] zip = backup();
    List<byte[]> bad =
        List.of(
            new byte[0],
            "a letter to parents".getBytes(StandardCharsets.UTF_8),
            Arrays.copyOf(zip, zip.length / 2),
            Arrays.copyOfRange(zip, 100, zip.length));
    for (byte[] each : bad) {
      Talk.Answer answer = restore(each);
      assertEquals(422, answer.status());
      assertEquals(
          "This file is no backup of Bemble, or it is damaged. Nothing was changed.",
          answer.detail());
    }
    assertEquals(before, everything());
    try (Stream<Path> files = Files.list(folder)) {
      assertEquals(List.of(), files.filter(each -> each.toString().contains("restoring")).toList());
    }
  }

  @ParameterizedTest
  @EnumSource
  void refusesEarlierBackupsThatWouldRunSomething(CraftedFile crafted)
      throws IOException, SQLException {
    Path base = Files.createDirectories(folder.resolve("crafted-" + crafted)).resolve("data");
    Path mark = base.resolveSibling("mark");
    CraftedFile.good(base);
    crafted.make(base, mark);
    byte[] zip = Files.readAllBytes(CraftedFile.backup(base, base.resolveSibling("crafted.zip")));
    String said =
        crafted == CraftedFile.NEWER
            ? "This backup comes from a newer Bemble. Nothing was changed."
            : "This file is no backup of Bemble, or it is damaged. Nothing was changed.";
    for (String entrance : List.of(LOOK, RESTORE)) {
      Talk.Answer answer = talk.send(entrance, "application/zip", zip);
      assertEquals(422, answer.status());
      assertEquals(said, answer.detail());
      assertFalse(Files.exists(mark), "something was run");
    }
  }

  @Test
  void refusesACopyThatIsNotThere() {
    assertEquals(404, talk.post("/api/backups/2020-01-01-080000.zip/restore", "").status());
  }
}
