package bemble.app;

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
      System.out.println("Bemble is open at http://127.0.0.1:" + port);
    } catch (Exception failure) {
      System.err.println(reason(failure));
      System.exit(1);
    }
  }

  private static String reason(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof PortInUseException port) {
        return "Port " + port.getPort() + " is in use. Choose another with --port N.";
      }
      if (cause instanceof SQLException sql) {
        return "The data file cannot be used: " + sentence(sql.getMessage());
      }
    }
    return "Bemble could not start: " + failure.getMessage();
  }

  /** The database's message down to its first stop: what follows is for its own developers. */
  private static String sentence(String message) {
    int end = message.indexOf("; SQL statement");
    String first = end < 0 ? message : message.substring(0, end);
    int locked = first.indexOf("Database may be already in use");
    return locked < 0
        ? first.lines().findFirst().orElse("") + "."
        : "it is open in another Bemble. Close that one or choose another with --data FILE.";
  }
}
