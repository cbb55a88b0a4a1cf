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
 * A journey through the Bemble that all tests share, emptied before where a class says so. Each
 * test begins with a browser that knows of nothing.
 */
abstract class Journey {
  @TempDir static Path folder;
  private static RunningApp app;
  static DeskHand hand;
  @RegisterExtension final LastLook lastLook = new LastLook(() -> hand);

  @BeforeAll
  static void start(TestInfo info) {
    app = RunningApp.of(info);
    hand = new DeskHand(app.address());
  }

  @AfterAll
  static void stop() {
    hand.close();
  }

  /** A browser of its own, for changes that cannot be undone in the shared one. */
  static DeskHand another() {
    return new DeskHand(app.address());
  }

  /** Another browser, whose camera shows a film. */
  static DeskHand filmed(Path film) {
    return new DeskHand(app.address(), Chromium.withCamera(film));
  }

  /** Speaks to the same app. */
  static Talk talk() {
    return new Talk(app.address());
  }

  @BeforeEach
  void startAnew() {
    hand.startAnew();
  }

  @AfterEach
  void nobodyComplained() {
    assertEquals(List.of(), hand.complaints);
  }
}
