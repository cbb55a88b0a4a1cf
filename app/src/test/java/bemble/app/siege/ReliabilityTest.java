package bemble.app.siege;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import bemble.app.file.CraftedFile;
import bemble.app.file.Look;
import bemble.app.journey.Talk;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One case of each attack of {@link Siege}, on the real program and real files. */
class ReliabilityTest {
  @TempDir static Path once;
  @TempDir Path folder;

  private Path data() {
    return folder.resolve("own").resolve("school");
  }

  private Path beside(String ending) {
    return Path.of(data() + ending);
  }

  private static int keep(Talk talk, String title) {
    Map<String, Object> page = Map.of("sum", Map.of("plain", "23 + 45"), "title", title);
    return talk.post("/api/pages", page).status();
  }

  /** A file that was started twice and stopped, beside the leavings of a killed restore. */
  @BeforeAll
  static void stopCleanly() throws IOException {
    Path left = Files.createDirectories(stopped("-restoring-17"));
    Files.writeString(left.resolve("bemble.mv.db"), "all that is kept");
    for (int start = 0; start < 2; start++) {
      try (OwnBemble bemble = OwnBemble.start(stopped(""))) {
        assertEquals(201, keep(bemble.talk(), "Bulbs"));
      }
    }
  }

  private static Path stopped(String ending) {
    return once.resolve("stopped").resolve("school" + ending);
  }

  @Test
  void aCleanStopSealsTheFileAndLeavesNothingElse() throws IOException {
    assertTrue(Look.isTaken(stopped("")));
    try (Stream<Path> left = Files.list(stopped("").getParent())) {
      assertEquals(
          List.of("school-copies", "school.mv.db", "school.seal", "school.version"),
          left.map(each -> each.getFileName().toString()).sorted().toList());
    }
  }

  @Test
  void everyFlippedBitIsRefused() throws IOException {
    Files.copy(stopped(".mv.db"), folder.resolve("flipped.mv.db"));
    Files.copy(stopped(".seal"), folder.resolve("flipped.seal"));
    Path flipped = folder.resolve("flipped");
    assertTrue(Look.isTaken(flipped));
    byte[] good = Files.readAllBytes(stopped(".mv.db"));
    Random random = new Random(171);
    for (int i = 0; i < 200; i++) {
      byte[] bytes = good.clone();
      bytes[random.nextInt(good.length)] ^= (byte) (1 << random.nextInt(8));
      Files.write(folder.resolve("flipped.mv.db"), bytes);
      assertFalse(Look.isTaken(flipped));
      assertArrayEquals(bytes, Files.readAllBytes(folder.resolve("flipped.mv.db")));
    }
  }

  @Test
  void onlyTheOwnerMayReadWhatIsKept() throws IOException {
    try (Stream<Path> all = Files.walk(stopped("").getParent())) {
      for (Path each : all.toList()) {
        String allowed = Files.isDirectory(each) ? "rwx------" : "rw-------";
        assertEquals(
            allowed,
            PosixFilePermissions.toString(Files.getPosixFilePermissions(each)),
            each::toString);
      }
    }
  }

  @Test
  void aKillLosesNothingThatWasConfirmed() throws SQLException, IOException {
    OwnBemble bemble = OwnBemble.start(data());
    Writers writers = new Writers(bemble.talk(), "kill").begin(2);
    Pause.millis(1500);
    bemble.kill();
    Set<String> lost = new TreeSet<>(writers.end().confirmed());
    assertFalse(lost.isEmpty());
    lost.removeAll(Kept.in(data()));
    assertEquals(Set.of(), lost);
    assertEquals(List.of(), writers.odd());
    assertTrue(Look.isTaken(data()), "a killed file is as good as it was confirmed");
  }

  @Test
  void aPageThatWasHandedInReachesTheGridAfterAKill() {
    HandedInSiege.Pages pages = HandedInSiege.kill(data(), 60);
    assertTrue(pages.all() > 0);
    assertEquals(0, pages.lost());
  }

  @Test
  void aFileWithSomethingToBeRunIsRefusedByTheProgram() throws Exception {
    CraftedFile crafted = CraftedFile.VIEW_INSTEAD_OF_THE_HISTORY;
    assertTrue(CraftedSiege.isRefusedAtTheStart(crafted, data()));
    assertFalse(CraftedSiege.hasRun(data()));
  }

  /** The seal notes the version on the disk only behind a flush, so it shows that there was one. */
  @Test
  void everyAnswerComesBehindAFlush() throws IOException {
    try (OwnBemble bemble = OwnBemble.start(data())) {
      Talk talk = bemble.talk();
      talk.post("/api/roll", Map.of("names", "Neve"));
      Object sums = List.of(Map.of("plain", "742 − 368", "method", "exchange"));
      long handout =
          talk.post("/api/handouts", Map.of("title", "Beds", "sums", sums))
              .json()
              .get("id")
              .asLong();
      long pupil = talk.get("/api/roll").json().at("/0/id").asLong();
      for (int i = 0; i < 5; i++) {
        String before = Files.readString(beside(".seal"));
        long attempt =
            talk.post("/api/attempts", Map.of("sum", Map.of("plain", "46 + 38")))
                .json()
                .get("id")
                .asLong();
        String begun = Files.readString(beside(".seal"));
        assertFalse(begun.equals(before), "an attempt is begun");
        Map<String, Object> stroke =
            Map.of("number", 0, "millis", 0, "kind", "FIGURE", "row", 4, "column", 2, "text", "4");
        talk.post("/api/attempts/" + attempt + "/strokes", Map.of("strokes", List.of(stroke)));
        String written = Files.readString(beside(".seal"));
        assertFalse(written.equals(begun), "a stroke is written");
        Map<String, Object> cell = new HashMap<>();
        cell.putAll(Map.of("pupil", pupil, "number", 0, "given", "37" + i));
        cell.put("seen", i == 0 ? null : "37" + (i - 1));
        talk.put("/api/handouts/" + handout + "/answers", Map.of("cells", List.of(cell)));
        assertFalse(Files.readString(beside(".seal")).equals(written), "an answer is typed");
      }
    }
  }

  @Test
  void aRestoreLosesNothingThatOthersConfirmMeanwhile() throws IOException, SQLException {
    Set<String> lost;
    try (OwnBemble bemble = OwnBemble.start(data())) {
      Talk talk = bemble.talk();
      byte[] zip = talk.get("/api/backups/now").bytes();
      Writers writers = new Writers(talk, "meanwhile").begin(2);
      Pause.millis(500);
      assertEquals(200, talk.send("/api/backups/restore", "application/zip", zip).status());
      Pause.millis(300);
      lost = new TreeSet<>(writers.end().confirmed());
      assertEquals(List.of(), writers.odd());
    }
    assertFalse(lost.isEmpty());
    lost.removeAll(Kept.in(data()));
    lost.removeAll(Kept.inCopies(data()));
    assertEquals(Set.of(), lost);
  }

  @Test
  void everythingThatIsKeptIsRefusedOnAFullDiskAndTakenWhenThereIsRoom() throws IOException {
    assumeTrue(SmallDisk.isPossible(), "needs a name space of its own");
    try (SmallDisk disk = new SmallDisk(folder, 64)) {
      FuzzSiege.prepare(disk.talk());
      disk.fillTo(10);
      for (String path : List.of("attempts", "runs", "handouts", "pages", "sets", "classes")) {
        Talk.Answer refused =
            disk.talk().post("/api/" + path, Noise.TAKEN.get("POST /api/" + path));
        assertEquals(507, refused.status(), path + refused.text());
        assertTrue(refused.detail().contains("no room left on the disk"), refused.detail());
      }
      assertEquals(507, disk.talk().post("/api/roll", Map.of("names", "Odhran")).status());
      assertEquals(507, disk.talk().get("/api/backups/now").status());
      assertEquals(Map.of(), Views.failing(disk.talk()));
      disk.free();
      assertEquals(201, keep(disk.talk(), "Bulbs"));
      // The disk fills faster than it can be looked at: the database gives up.
      Writers writers = new Writers(disk.talk(), "full").begin(2);
      disk.fillTo(0);
      Pause.millis(500);
      disk.free();
      writers.end();
      assertEquals(201, keep(disk.talk(), "Trays"));
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {-3650, 3650})
  void aWrongClockDoesNoHarm(int days) {
    assertEquals(Set.of(), ClockSiege.harm(data(), days));
  }
}
