package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/**
 * A journey through one running Bemble without data; each test begins with a browser of its own.
 */
abstract class Journey {
  @TempDir static Path folder;
  private static RunningApp app;
  DeskHand hand;

  @BeforeAll
  static void start() {
    app = new RunningApp(folder.resolve("journey"), false);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** Speaks to the same app. */
  static Talk talk() {
    return new Talk(app.address());
  }

  @BeforeEach
  void open() {
    hand = new DeskHand(app.address());
  }

  @AfterEach
  void close() {
    assertEquals(List.of(), hand.complaints);
    hand.close();
  }
}
