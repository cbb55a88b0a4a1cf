package bemble.app;

import bemble.app.http.Sentences;
import java.sql.SQLException;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts Bemble and says in one line where to look, or why it could not start. */
@SpringBootApplication
public class Bemble {
  public static void main(String[] args) {
    try {
      ConfigurableApplicationContext started = SpringApplication.run(Bemble.class, args);
      String port = started.getEnvironment().getProperty("local.server.port");
      System.out.println(Sentences.of("start.open", "http://127.0.0.1:" + port));
    } catch (Exception failure) {
      System.err.println(reason(failure));
      System.exit(1);
    }
  }

  private static String reason(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof PortInUseException port) {
        return Sentences.of("start.port-in-use", String.valueOf(port.getPort()));
      }
      if (cause instanceof SQLException sql) {
        return data(sql.getMessage());
      }
    }
    return Sentences.of("start.other", failure.getMessage());
  }

  /** The database's message down to its first stop: what follows is for its own developers. */
  private static String data(String message) {
    int end = message.indexOf("; SQL statement");
    String first = end < 0 ? message : message.substring(0, end);
    return first.contains("Database may be already in use")
        ? Sentences.of("start.locked")
        : Sentences.of("start.data", first.lines().findFirst().orElse(""));
  }
}
