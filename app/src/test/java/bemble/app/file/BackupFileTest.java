package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Backups whose digests are right and whose contents are not. */
class BackupFileTest {
  private static final String ABOUT = "bemble.json";
  private static final String CLASSES = "rows/school_class.jsonl";
  private static final ObjectMapper JSON = new ObjectMapper();

  @TempDir Path folder;
  private final Map<String, byte[]> entries = new LinkedHashMap<>();

  @BeforeEach
  void backUp() throws Exception {
    DataFile file = new DataFile(folder.resolve("made"));
    Path zip = folder.resolve("good.zip");
    try (Connection connection = file.make(Schema.newest())) {
      BackupFile.write(connection, LocalDateTime.of(2026, 3, 2, 12, 0), zip);
    }
    try (ZipFile packed = new ZipFile(zip.toFile())) {
      for (ZipEntry entry : Collections.list(packed.entries())) {
        entries.put(entry.getName(), packed.getInputStream(entry).readAllBytes());
      }
    }
  }

  /** Packs the entries and seals them, so that only their contents can be refused. */
  private Path packed() throws IOException {
    Path zip = folder.resolve("changed.zip");
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      out.setComment("0".repeat(BackupFile.DIGEST_SIGNS));
      for (Map.Entry<String, byte[]> each : entries.entrySet()) {
        out.putNextEntry(new ZipEntry(each.getKey()));
        out.write(each.getValue());
      }
    }
    BackupFile.seal(zip);
    return zip;
  }

  private void describe(Consumer<ObjectNode> change) throws IOException {
    ObjectNode about = (ObjectNode) JSON.readTree(entries.get(ABOUT));
    change.accept(about);
    entries.put(ABOUT, JSON.writeValueAsBytes(about));
  }

  /** Other rows of the classes, with a description that fits them. */
  private void rows(String lines, int rows) throws Exception {
    byte[] bytes = lines.getBytes(StandardCharsets.UTF_8);
    byte[] digest = MessageDigest.getInstance("SHA-256").digest(bytes);
    entries.put(CLASSES, bytes);
    describe(
        about ->
            ((ObjectNode) about.at("/tables/school_class"))
                .put("rows", rows)
                .put("bytes", bytes.length)
                .put("sha256", HexFormat.of().formatHex(digest)));
  }

  private DataFile restored() {
    return new DataFile(folder.resolve("restored").resolve("bemble"));
  }

  private void isRefused(String why) throws IOException {
    Path zip = packed();
    UnusableFileException refused =
        assertThrows(UnusableFileException.class, () -> Backup.read(restored(), zip));
    assertTrue(refused.getMessage().contains(why), refused::getMessage);
    assertFalse(Files.exists(restored().path()));
  }

  @Test
  void isTakenWhenItIsPackedAnewUnchanged() throws IOException {
    Backup.read(restored(), packed());
    assertEquals(1, restored().rows().get("school_class"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"null", "[]", "{}", "7", "", "{\"tables\":null}", "{\"tables\":{}}"})
  void refusesADescriptionThatIsNone(String about) throws IOException {
    entries.put(ABOUT, about.getBytes(StandardCharsets.UTF_8));
    isRefused("is no backup of Bemble");
  }

  @ParameterizedTest
  @ValueSource(strings = {"format", "madeAt", "tables", "schema"})
  void refusesADescriptionThatLacksAPart(String part) throws IOException {
    describe(about -> about.putNull(part));
    isRefused("is no backup of Bemble");
  }

  @ParameterizedTest
  @ValueSource(strings = {"rows", "bytes", "sha256"})
  void refusesATableOfWhichAPartIsWrong(String part) throws IOException {
    for (JsonNode wrong : JSON.readTree("[null, -1, 7, \"x\"]")) {
      describe(about -> ((ObjectNode) about.at("/tables/school_class")).set(part, wrong));
      isRefused("is no backup of Bemble");
    }
    describe(about -> ((ObjectNode) about.get("tables")).putNull("school_class"));
    isRefused("is no backup of Bemble");
  }

  @ParameterizedTest
  @ValueSource(strings = {"form", "schema"})
  void tellsABackupOfANewerBemble(String part) throws IOException {
    describe(about -> about.put(part, 999));
    isRefused("newer Bemble");
  }

  @Test
  void refusesATableMoreOrLess() throws IOException {
    byte[] classes = entries.remove(CLASSES);
    isRefused("is no backup of Bemble");
    entries.put(CLASSES, classes);
    entries.put("rows/../../evil.jsonl", new byte[0]);
    isRefused("is no backup of Bemble");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{}",
        "null",
        "7",
        "{\"id\":1}",
        "{\"id\":1,\"name\":[\"a\"]}",
        "{\"name; drop table page; --\":1}",
        "not JSON",
        "{\"id\":1,\"id\":2"
      })
  void refusesRowsThatTheTableDoesNotHave(String line) throws Exception {
    rows(line, 1);
    isRefused("is no backup of Bemble");
  }

  @Test
  void refusesAValueThatDoesNotFitItsColumn() throws Exception {
    String line = new String(entries.get(CLASSES), StandardCharsets.UTF_8);
    rows(line.replace("\"My class\"", "\"" + "x".repeat(500) + "\""), 1);
    isRefused("is no backup of Bemble");
    rows(line.replace("\"version\":1", "\"version\":\"one\""), 1);
    isRefused("is no backup of Bemble");
    rows(line + "\n" + line, 2);
    isRefused("is no backup of Bemble");
  }
}
