package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A deleted pupil is nowhere any more: not in the file, a bin, a copy or an export. */
class ForgottenTest {
  private static final String NAME = "Zephyrine";
  private static final String FORMER = "Zeppelina";

  @TempDir Path folder;
  private RunningApp app;
  private Talk talk;
  private JsonNode grid;
  private long gone;
  private long stays;

  @BeforeEach
  void startWithWorkOfTwo() {
    app = new RunningApp(folder.resolve("data"), Clock.systemDefaultZone());
    talk = new Talk(app.address());
    talk.post("/api/roll", Map.of("names", FORMER + "\nNeve"));
    gone = talk.get("/api/roll").json().findValues("id").get(1).asLong();
    stays = talk.get("/api/roll").json().findValues("id").get(0).asLong();
    talk.put("/api/roll/" + gone, Map.of("name", NAME, "left", false));
    Pile pile = new Pile(talk);
    grid = pile.handout(List.of("742 − 368", "621 − 257"), "exchange");
    pile.row(grid, NAME, List.of("426", "436"));
    attempt(FORMER);
    attempt(NAME);
    Map<String, Object> standing =
        Map.of(
            "pupil",
            stays,
            "rung",
            "subtraction-two-neighbours",
            "standing",
            "SURE",
            "note",
            "Helped " + NAME + " and Zephyrines.");
    Map<String, Object> decisions = Map.of("decisions", List.of(standing));
    assertEquals(200, talk.put("/api/register/standings", decisions).status());
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private void attempt(String who) {
    Map<String, Object> sum = Map.of("sum", Talk.sum("23 + 45", "column"), "who", who);
    assertEquals(201, talk.post("/api/attempts", sum).status());
  }

  private boolean isIn(byte[] bytes) {
    String text = new String(bytes, StandardCharsets.ISO_8859_1);
    return text.replace("Zephyrines", "").contains(NAME) || text.contains(FORMER);
  }

  private boolean isInFile() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(path -> path.toString().endsWith(".mv.db"))
          .anyMatch(path -> isIn(read(path)));
    }
  }

  private static byte[] read(Path path) {
    try {
      return Files.readAllBytes(path);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private boolean isInZip(byte[] zip) throws IOException {
    boolean found = false;
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      while (in.getNextEntry() != null) {
        found |= isIn(in.readAllBytes());
      }
    }
    return found;
  }

  private byte[] backup() {
    return talk.get("/api/backups/now").bytes();
  }

  @Test
  void aSearchOfTheFileAndTheExportsFindsNothing() throws IOException {
    byte[] before = backup();
    assertTrue(isInZip(before), "the search finds what is there");
    assertEquals(200, talk.delete("/api/roll/" + gone).status());
    assertFalse(isInFile(), "in the file");
    assertFalse(isInZip(backup()), "in a backup");
    assertFalse(isIn(talk.get("/api/extracts/classes/1").bytes()), "in the export of the class");
    assertFalse(isIn(talk.get("/api/extracts/pupils/" + stays).bytes()), "in another's export");
  }

  @Test
  void anExportOfOnePupilNamesNobodyElse() {
    assertFalse(isIn(talk.get("/api/extracts/pupils/" + stays).bytes()));
    assertTrue(isIn(talk.get("/api/extracts/pupils/" + gone).bytes()));
  }

  @Test
  void aBackupSaysWhoWouldReturnAndDeletesThemAgain() throws IOException {
    byte[] before = backup();
    talk.delete("/api/roll/" + gone);
    JsonNode look = talk.send("/api/backups/look", "application/zip", before).json();
    assertEquals(NAME, look.at("/returning/0").asText(), look::toString);
    assertEquals(2, look.at("/backup/pupils").asInt());
    assertEquals(1, look.at("/now/pupils").asInt());
    assertEquals(2, look.at("/backup/answers").asInt());
    assertEquals(
        200, talk.send("/api/backups/restore?forget=true", "application/zip", before).status());
    assertEquals(1, talk.get("/api/roll").json().size());
    assertFalse(isInFile());
  }

  @Test
  void oneWordMakesTheCopiesForgetToo() throws IOException {
    byte[] before = backup();
    talk.send("/api/backups/restore", "application/zip", before);
    talk.delete("/api/roll/" + gone);
    JsonNode forgotten = talk.post("/api/backups/forget", Map.of()).json();
    assertEquals(1, forgotten.get("pupils").asInt(), forgotten::toString);
    try (Stream<Path> copies = Files.walk(folder)) {
      for (Path copy : copies.filter(path -> path.toString().endsWith(".zip")).toList()) {
        assertFalse(isInZip(Files.readAllBytes(copy)), copy::toString);
      }
    }
    assertEquals(0, talk.post("/api/backups/forget", Map.of()).json().get("copies").asInt());
  }

  @Test
  void pagesUnderAnEarlierNameBelongToThePupilOnceThatIsSaid() {
    JsonNode open = talk.get("/api/roll/unclaimed").json();
    assertEquals(1, open.size(), open::toString);
    assertEquals(FORMER, open.get(0).get("who").asText());
    assertEquals(0, claim(FORMER, gone).size());
    attempt(FORMER);
    assertEquals(1, claim(FORMER, stays).size(), "it was never called that");
    assertEquals(0, claim(FORMER, null).size());
  }

  @Test
  void whoeverTakesAnothersEarlierNameIsAskedForToo() {
    talk.put("/api/roll/" + stays, Map.of("name", FORMER, "left", false));
    JsonNode open = talk.get("/api/roll/unclaimed").json();
    assertEquals(1, open.size(), open::toString);
    assertEquals(stays, open.at("/0/pupils/0/id").asLong(), "whoever has it now comes first");
    assertEquals(gone, open.at("/0/pupils/1/id").asLong());
    assertEquals(0, claim(FORMER, gone).size());
  }

  private JsonNode claim(String who, @Nullable Long pupil) {
    Map<String, Object> claim = new HashMap<>();
    claim.put("who", who);
    claim.put("pupil", pupil);
    return talk.put("/api/roll/unclaimed", claim).json();
  }

  @Test
  void noTitleNamesAPupil() {
    Map<String, Object> request = Pile.request(List.of("23 + 45"), "column");
    request.put("title", "Once more for " + NAME);
    Talk.Answer refused = talk.post("/api/handouts", request);
    assertEquals(422, refused.status());
    assertTrue(refused.text().contains("names " + NAME), refused::text);
    request.put("title", "Zephyrines");
    assertEquals(201, talk.post("/api/handouts", request).status());
  }
}
