package bemble.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
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

  /** Asks the Bemble that listens on a port of this machine; an answer that fails tells nothing. */
  static void ask(String port) {
    for (String path : ASKED) {
      answer(port, path, "");
    }
    answer(port, "/api/workings", SUM);
  }

  private static void answer(String port, String path, String body) {
    try {
      HttpURLConnection asked =
          (HttpURLConnection)
              URI.create("http://127.0.0.1:" + port + path).toURL().openConnection();
      asked.setReadTimeout(10_000);
      if (!body.isEmpty()) {
        asked.setDoOutput(true);
        asked.setRequestProperty("Content-Type", "application/json");
        try (OutputStream out = asked.getOutputStream()) {
          out.write(body.getBytes(StandardCharsets.UTF_8));
        }
      }
      try (InputStream in = asked.getInputStream()) {
        in.readAllBytes();
      }
    } catch (IOException stopped) {
      // Bemble is being stopped again; nobody asks it anything.
    }
  }
}
