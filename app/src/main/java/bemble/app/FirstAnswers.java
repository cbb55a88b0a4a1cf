package bemble.app;

import bemble.app.about.RunningBemble;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;

/**
 * Asks Bemble once for everything that a browser asks first. Parts that are made on first use are
 * made then, so that nobody waits for them.
 */
final class FirstAnswers {
  private static final List<String> ASKED =
      List.of("/api/settings", "/desk", "/api/classes", "/api/plan/today", "/api/register");

  private static final String SUM = "{\"plain\":\"348 + 97\"}";

  /** A question to Bemble. */
  private interface Question {
    void ask() throws IOException;
  }

  private FirstAnswers() {}

  /** Asks side by side, and ends when all is answered. */
  static void ask(RunningBemble bemble) {
    Stream<Question> sum = Stream.of(() -> bemble.post("/api/workings", SUM));
    Stream<Question> views = ASKED.stream().map(path -> () -> bemble.get(path));
    Stream.concat(sum, views).toList().parallelStream().forEach(FirstAnswers::ask);
  }

  private static void ask(Question question) {
    try {
      question.ask();
    } catch (IOException unanswered) {
      // The browser will ask for it itself.
    }
  }
}
