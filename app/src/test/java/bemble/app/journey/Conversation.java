package bemble.app.journey;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** A conversation with one running Bemble without data, over HTTP. */
abstract class Conversation {
  @TempDir static Path folder;
  static Talk talk;
  private static RunningApp app;

  @BeforeAll
  static void start() {
    app = new RunningApp(folder.resolve("conversation"), false);
    talk = new Talk(app.address());
  }

  @AfterAll
  static void stop() {
    app.close();
  }
}
