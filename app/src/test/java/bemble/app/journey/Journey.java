package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInfo;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/**
 * A journey through the Bemble that all tests share, or through one of its own without data; each
 * test begins with a browser of its own.
 */
abstract class Journey {
  @TempDir static Path folder;
  private static RunningApp app;
  DeskHand hand;
  @RegisterExtension final LastLook lastLook = new LastLook(() -> hand);

  @BeforeAll
  static void start(TestInfo info) {
    app = isAlone(info) ? new RunningApp(folder.resolve("journey"), false) : RunningApp.shared();
  }

  @AfterAll
  static void stop(TestInfo info) {
    if (isAlone(info)) {
      app.close();
    }
  }

  private static boolean isAlone(TestInfo info) {
    return info.getTestClass().orElseThrow().isAnnotationPresent(OwnApp.class);
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
