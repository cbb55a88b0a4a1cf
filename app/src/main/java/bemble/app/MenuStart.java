package bemble.app;

import bemble.app.about.BrowserWindow;
import bemble.app.about.RunningBemble;
import bemble.app.file.DataFile;
import bemble.app.file.StartLock;
import bemble.app.words.Sentences;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.web.util.HtmlUtils;

/** Bemble as it is started from a menu: in a window of the browser, and once for a data file. */
final class MenuStart {
  /** The same at each start, so that the browser finds what it kept for Bemble. */
  private static final int PORT = 8437;

  private MenuStart() {}

  /**
   * Opens the window of the Bemble that runs, or of one that {@code start} starts on a port. Of two
   * that start together, as after a double click, the second leaves the window to the first.
   */
  static void open(DataFile file, UnaryOperator<String> start) throws IOException {
    Optional<RunningBemble> running;
    try (StartLock lock = new StartLock(file)) {
      running = RunningBemble.of(file);
      if (running.isEmpty()) {
        String port = start.apply(freePort());
        RunningBemble.note(file, port);
        BrowserWindow.open(RunningBemble.at(port).address());
      } else if (!lock.hasWaited()) {
        BrowserWindow.open(running.get().address());
      }
    }
    if (running.isEmpty()) {
      RunningBemble.of(file).ifPresent(FirstAnswers::ask);
    }
  }

  /** Where another program has the port, any other does. */
  private static String freePort() {
    try (ServerSocket free = new ServerSocket(PORT, 1, InetAddress.getLoopbackAddress())) {
      return String.valueOf(free.getLocalPort());
    } catch (IOException taken) {
      return "0";
    }
  }

  /** Says in a window why Bemble could not start: from a menu nobody sees what is printed. */
  static void say(String reason) throws IOException {
    Path page = Files.createTempFile("bemble", ".html");
    Files.writeString(
        page,
        "<!doctype html><meta charset=utf-8><title>Bemble</title><p>%s"
            .formatted(HtmlUtils.htmlEscape(reason, "UTF-8")));
    BrowserWindow.open(page.toUri().toString());
  }

  /** Stops the Bemble that has a data file open, if one does. */
  static void quit(DataFile file) throws IOException {
    Optional<RunningBemble> running = RunningBemble.of(file);
    if (running.isPresent()) {
      running.get().quit();
      System.out.println(Sentences.of("start.quit"));
    } else {
      System.out.println(Sentences.of("start.none-runs"));
    }
  }
}
