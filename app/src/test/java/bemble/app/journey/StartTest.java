package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A start that cannot be is told in one sentence, and harms nothing. */
class StartTest {
  @TempDir Path folder;

  /** The output of a process, and its exit status. */
  private record Ended(int status, String said) {
    /** The message is one line, in words for a teacher. */
    void isOneSentence(String about) {
      assertEquals(1, said.lines().count(), said);
      assertTrue(said.contains(about), said);
      for (String inner : List.of("Exception", "Bean", "org.", "SQL", "http")) {
        assertFalse(said.contains(inner), said);
      }
    }
  }

  private Ended run(String... arguments) throws IOException, InterruptedException {
    Process process = OwnProcess.start(arguments);
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return new Ended(process.waitFor(), said);
  }

  private Path data() {
    return folder.resolve("kept");
  }

  private Path file() {
    return folder.resolve("kept.mv.db");
  }

  private void keepOnePage() {
    try (RunningApp app = new RunningApp(data(), false)) {
      Map<String, Object> page =
          Map.of("sum", Map.of("plain", "23 + 45", "method", "column"), "title", "Trays");
      assertEquals(201, new Talk(app.address()).post("/api/pages", page).status());
    }
  }

  private int pages() {
    try (RunningApp app = new RunningApp(data(), false)) {
      return new Talk(app.address()).get("/api/pages").json().get("total").asInt();
    }
  }

  @Test
  void aPortInUseIsNamed() throws IOException, InterruptedException {
    try (ServerSocket taken = new ServerSocket(0)) {
      Ended ended =
          run("--server.port=" + taken.getLocalPort(), "--bemble.data=" + folder.resolve("port"));
      assertEquals(1, ended.status());
      ended.isOneSentence("Port " + taken.getLocalPort() + " is in use");
    }
  }

  @Test
  void aFileThatAnotherBembleHasOpenIsNamed() throws IOException, InterruptedException {
    try (RunningApp app = new RunningApp(data(), false)) {
      assertEquals(200, new Talk(app.address()).get("/api/pages").status());
      Ended ended = run("--server.port=0", "--bemble.data=" + data());
      assertEquals(1, ended.status());
      ended.isOneSentence("open in another Bemble");
    }
    assertEquals(0, pages());
  }

  @Test
  void aDamagedFileIsLeftAsItIsAndBroughtBackFromItsCopy()
      throws IOException, InterruptedException {
    keepOnePage();
    assertEquals(1, pages(), "a second start makes a copy of what the first has kept");
    byte[] good = Files.readAllBytes(file());
    byte[] torn = java.util.Arrays.copyOf(good, good.length - 5000);
    Files.write(file(), torn);
    Ended ended = run("--server.port=0", "--bemble.data=" + data());
    assertEquals(1, ended.status());
    ended.isOneSentence("./bemble restore ");
    assertArrayEquals(torn, Files.readAllBytes(file()));
    String copy = ended.said().replaceAll("(?s).*restore (\\S+) --data.*", "$1");
    Ended restored = run("--restore=" + copy, "--bemble.data=" + data());
    assertEquals(0, restored.status(), restored.said());
    assertEquals(1, pages());
  }

  @Test
  void aBackupIsWrittenAndBroughtBack() throws IOException, InterruptedException {
    keepOnePage();
    Path zip = folder.resolve("all.zip");
    Ended written = run("--backup=" + zip, "--bemble.data=" + data());
    assertEquals(0, written.status(), written.said());
    written.isOneSentence(zip.toString());
    Files.delete(file());
    Files.delete(folder.resolve("kept.seal"));
    assertEquals(0, run("--restore=" + zip, "--bemble.data=" + data()).status());
    assertEquals(1, pages());
  }

  @Test
  void aFileOfSomethingElseIsLeftAsItIs() throws IOException, InterruptedException {
    Files.writeString(file(), "Dear aunt, the tulips are out.");
    Ended ended = run("--server.port=0", "--bemble.data=" + data());
    assertEquals(1, ended.status());
    ended.isOneSentence("left as it is");
    assertEquals("Dear aunt, the tulips are out.", Files.readString(file()));
  }

  @Test
  void aFolderThatCannotBeIsNamed() throws IOException, InterruptedException {
    Path blocked = Files.writeString(folder.resolve("a file"), "");
    Ended ended = run("--server.port=0", "--bemble.data=" + blocked.resolve("kept"));
    assertEquals(1, ended.status());
    ended.isOneSentence("Nothing can be kept in");
  }
}
