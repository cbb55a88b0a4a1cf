package bemble.app;

import bemble.app.about.RunningBemble;
import java.io.IOException;
import java.util.List;

/**
 * Asks Bemble once what a browser will ask first. Whatever is made only when it is first used is
 * made then, while the browser opens, so that nobody waits for it.
 */
final class FirstAnswers {
  private static final List<String> ASKED =
      List.of("/desk", "/api/classes", "/api/plan/today", "/api/settings", "/api/register");

  private static final String SUM = "{\"plain\":\"348 + 97\"}";

  private FirstAnswers() {}

  static void ask(RunningBemble bemble) {
    try {
      for (String path : ASKED) {
        bemble.get(path);
      }
      bemble.post("/api/workings", SUM);
    } catch (IOException unanswered) {
      // Nobody waits for these answers: the browser will ask for them itself.
    }
  }
}
