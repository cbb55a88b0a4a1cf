package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.file.Look;
import bemble.app.siege.Noise;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** A backup of data in which every table has rows, nearly all of them made by requests. */
@BeginsEmpty
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EveryTableTest extends FilledSheets {
  private static final String ZIP = "application/zip";

  @TempDir Path folder;
  private RoomHand room;

  @BeforeAll
  void fillEveryTable() {
    JsonNode handout = handedOutToOne();
    byte[] pile = worked(handout);
    answerAndTake(handout, pile);
    read(handout, pile);
    // Only a hand that writes 0 to 9 shows this by requests.
    app.spoil("insert into pupil_hand (pupil_id, alike) values (1, '17')");
    for (String path :
        List.of(
            "PUT /api/plan/timetable",
            "POST /api/sets",
            "POST /api/attempts",
            "POST /api/runs",
            "POST /api/runs/1/next",
            "POST /api/pages",
            "POST /api/ladder",
            "POST /api/mistakes/votes",
            "POST /api/groups",
            "PUT /api/plan/holidays",
            "PUT /api/register/standings",
            "POST /api/plan/lessons",
            "PUT /api/plan/lessons/1",
            "POST /api/plan/lessons/1/log")) {
      String[] request = path.split(" ");
      String body = Noise.TAKEN.getOrDefault(path, "{}");
      Talk keyed = talk.with("Bemble-Request", UUID.randomUUID().toString());
      Talk.Answer answer =
          request[0].equals("PUT") ? keyed.put(request[1], body) : keyed.post(request[1], body);
      assertTrue(answer.status() < 300, () -> path + " " + answer.text());
    }
    deleteSome();
    openRoom();
  }

  private static JsonNode handedOutToOne() {
    Object sums = List.of(Map.of("plain", "467 + 258"));
    long pupil = talk.get("/api/roll").json().get(0).get("id").asLong();
    return talk.post(
            "/api/handouts", Map.of("title", "Beds", "sums", sums, "pupils", List.of(pupil)))
        .json();
  }

  private void answerAndTake(JsonNode handout, byte[] pile) {
    JsonNode scan = read(handout, pile);
    for (JsonNode page : scan.get("pages")) {
      settle(scan, page, 0, "725");
    }
    String keep = "/take?keep=" + LocalDate.now().plusWeeks(1);
    Talk.Answer taken = talk.post("/api/scans/" + scan.get("id") + keep, "");
    assertEquals(200, taken.status(), taken::text);
  }

  private void deleteSome() {
    for (String kind : List.of("pages", "attempts", "sets")) {
      String path = "/api/" + kind;
      long id = talk.post(path, Noise.TAKEN.get("POST " + path)).json().get("id").asLong();
      assertTrue(talk.delete(path + "/" + id).status() < 300);
    }
  }

  private void openRoom() {
    long pupil = talk.get("/api/roll").json().get(0).get("id").asLong();
    room = new RoomHand(talk).open("AT_END", false);
    Talk device = room.comeIn(pupil);
    room.give("46 + 38");
    long page = device.get("/room/seat").json().at("/work/page").asLong();
    Object stroke = stroke(0, "FIGURE", 4, 2, "4");
    device.post("/room/pages/" + page + "/strokes", Map.of("strokes", List.of(stroke)));
  }

  private byte[] backup() {
    Talk.Answer now = talk.get("/api/backups/now");
    assertEquals(200, now.status());
    return now.bytes();
  }

  private Path kept(String name, byte[] zip) throws IOException {
    return Files.write(folder.resolve(name), zip);
  }

  @Test
  void bringsEveryRowBackWhereverItIsReadIn() throws IOException {
    Map<String, List<String>> before = Look.rows(app.source());
    before.forEach((table, rows) -> assertTrue(!rows.isEmpty(), () -> "nothing is in " + table));

    // By the command, into a file that is not there yet.
    byte[] zip = backup();
    Path anew = folder.resolve("anew").resolve("bemble");
    assertTrue(Look.isBackup(anew, kept("now.zip", zip)));
    assertEquals(before, Look.rows(anew));

    // On an empty machine, where the room of the backup is over.
    room.close();
    zip = backup();
    Map<String, List<String>> closed = Look.rows(app.source());
    try (RunningApp empty = new RunningApp(folder.resolve("empty"), false)) {
      Talk there = new Talk(empty.address());
      assertEquals(200, there.send("/api/backups/look", ZIP, zip).status());
      assertEquals(200, there.send("/api/backups/restore", ZIP, zip).status());
      assertEquals(closed, Look.rows(empty.source()));
    }

    // Here, and back again from the copy that was made before.
    talk.delete("/api/handouts/1");
    talk.post("/api/roll", Map.of("names", "Odhran"));
    Map<String, List<String>> changed = Look.rows(app.source());
    Talk.Answer restored = talk.send("/api/backups/restore", ZIP, zip);
    assertEquals(200, restored.status(), restored::text);
    assertEquals(closed, Look.rows(app.source()));
    String copy = "/api/backups/" + restored.json().get("name").asText();
    assertEquals(200, talk.get(copy + "/look").status());
    assertEquals(200, talk.post(copy + "/restore", "").status());
    assertEquals(changed, Look.rows(app.source()));
  }
}
