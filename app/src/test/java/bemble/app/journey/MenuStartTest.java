package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.about.RunningBemble;
import bemble.app.file.DataFile;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Bemble as a teacher starts it from a menu, with a browser that only notes addresses. */
// A thread that waits for the browser cannot be interrupted.
@Timeout(value = 120, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
class MenuStartTest {
  @TempDir Path folder;
  private Path opened;

  @BeforeEach
  void putABrowserInPlace() throws IOException, InterruptedException {
    opened = folder.resolve("opened");
    assertEquals(0, new ProcessBuilder("mkfifo", opened.toString()).start().waitFor());
    Path browser = folder.resolve("xdg-open");
    Files.writeString(browser, "#!/bin/sh\necho \"$1\" > " + opened + "\n");
    Files.setPosixFilePermissions(browser, PosixFilePermissions.fromString("rwx------"));
  }

  private DataFile file() {
    return new DataFile(folder.resolve("kept"));
  }

  private Process start(String... options) throws IOException {
    return OwnProcess.start(
        List.of("-XX:TieredStopAtLevel=1"),
        Map.of("PATH", folder + ":" + System.getenv("PATH")),
        Stream.concat(Stream.of("--bemble.data=" + folder.resolve("kept")), Stream.of(options))
            .toArray(String[]::new));
  }

  /** The next address that the browser is asked to open; waits for it. */
  private String opened() throws IOException {
    return Files.readString(opened).strip();
  }

  @Test
  void aSecondStartFindsTheFirstAndQuitEndsIt() throws IOException, InterruptedException {
    Process first = start("--window");
    try {
      String address = opened();
      assertEquals(file().id(), new Talk(address).get("/api/about").json().get("id").asText());
      Process second = start("--window");
      assertEquals(address, opened());
      assertEquals(0, second.waitFor());
      Process quit = start("--quit");
      assertEquals("Bemble is closed. Everything is kept.\n", said(quit));
      first.waitFor();
      assertTrue(Files.readString(folder.resolve("kept.seal")).matches("\\d+ [0-9a-f]{64}\n"));
      assertEquals("No Bemble is open.\n", said(start("--quit")));
    } finally {
      first.destroyForcibly();
    }
  }

  /** Two starts by a double press, neither of which knows of the other yet. */
  @Test
  void ofTwoThatStartTogetherOneOpensItsWindow() throws IOException, InterruptedException {
    try (RunningApp kept = new RunningApp(folder.resolve("kept"), false)) {
      kept.address();
    }
    List<Process> both = List.of(start("--window"), start("--window"));
    try {
      String address = opened();
      assertEquals(file().id(), new Talk(address).get("/api/about").json().get("id").asText());
      assertEquals(0, ended(both).exitValue());
      assertEquals("Bemble is closed. Everything is kept.\n", said(start("--quit")));
    } finally {
      both.forEach(Process::destroyForcibly);
    }
  }

  /** The first of some processes that ends. */
  private static Process ended(List<Process> processes) {
    CompletableFuture<?>[] ends =
        processes.stream().map(Process::onExit).toArray(CompletableFuture[]::new);
    return (Process) CompletableFuture.anyOf(ends).join();
  }

  @Test
  void whyItCannotStartIsSaidInAWindow() throws IOException {
    Files.writeString(folder.resolve("kept.mv.db"), "no data file");
    start("--window");
    Path page = Path.of(URI.create(opened()));
    assertTrue(Files.readString(page).contains("was left as it is"), Files.readString(page));
    Files.delete(page);
  }

  @Test
  void aNoteThatWasLeftBehindFindsNobody() throws IOException {
    try (RunningApp other = new RunningApp(folder.resolve("other"), false)) {
      String port = other.address().replaceAll(".*:", "");
      RunningBemble.note(file(), port);
      assertEquals(Optional.empty(), RunningBemble.of(file()));
      DataFile open = new DataFile(folder.resolve("other"));
      RunningBemble.note(open, port);
      assertEquals("http://127.0.0.1:" + port, RunningBemble.of(open).orElseThrow().address());
    }
    RunningBemble.note(file(), "no port");
    assertEquals(Optional.empty(), RunningBemble.of(file()));
  }

  private static String said(Process process) throws IOException, InterruptedException {
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    process.waitFor();
    return said;
  }
}
