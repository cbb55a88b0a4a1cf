package bemble.app.journey;

import org.junit.jupiter.api.BeforeAll;

/** A conversation over HTTP with the Bemble that all tests share. */
abstract class Conversation {
  static Talk talk;

  @BeforeAll
  static void start() {
    talk = new Talk(RunningApp.shared().address());
  }
}
