package bemble.app;

import bemble.app.file.Backup;
import bemble.app.file.DataFile;
import bemble.app.file.UnusableFileException;
import bemble.app.words.Sentences;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ApplicationListener;

/** Starts Bemble and says in one line where to look, or why it could not start. */
@SpringBootApplication
public class Bemble {
  private static final String DATA = "--bemble.data=";

  public static void main(String[] args) {
    try {
      Optional<Path> backup = path(args, "--backup=");
      Optional<Path> restore = path(args, "--restore=");
      if (backup.isPresent()) {
        Backup.write(data(args), backup.get());
        System.out.println(Sentences.of("file.backed-up", backup.get()));
        return;
      }
      if (restore.isPresent()) {
        System.out.println(Backup.read(data(args), restore.get()));
        return;
      }
      if (Arrays.asList(args).contains("--accept")) {
        System.out.println(data(args).accept());
        return;
      }
      SpringApplication app = new SpringApplication(Bemble.class);
      app.addListeners((ApplicationListener<ApplicationStartedEvent>) Bemble::sayWhere);
      app.run(args);
    } catch (Exception failure) {
      System.err.println(reason(failure));
      System.exit(1);
    }
  }

  /** Bemble answers from now on; the demo's data are still being written. */
  private static void sayWhere(ApplicationStartedEvent started) {
    String port = started.getApplicationContext().getEnvironment().getProperty("local.server.port");
    System.out.println(Sentences.of("start.open", "http://127.0.0.1:" + port));
  }

  private static Optional<Path> path(String[] args, String option) {
    return Arrays.stream(args)
        .filter(arg -> arg.startsWith(option))
        .map(arg -> Path.of(arg.substring(option.length())))
        .findFirst();
  }

  private static DataFile data(String[] args) {
    return new DataFile(
        path(args, DATA).orElse(Path.of(System.getProperty("user.home"), ".bemble", "bemble")));
  }

  private static String reason(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof PortInUseException port) {
        return Sentences.of("start.port-in-use", String.valueOf(port.getPort()));
      }
      if (cause instanceof UnusableFileException file) {
        return file.getMessage();
      }
      if (cause instanceof SQLException sql) {
        return reason(sql);
      }
    }
    return Sentences.of("start.other", failure.getMessage());
  }

  /** The database's message down to its first stop: what follows is for its own developers. */
  private static String reason(SQLException failure) {
    String message = failure.getMessage();
    int end = message.indexOf("; SQL statement");
    String first = end < 0 ? message : message.substring(0, end);
    return Sentences.of("start.data", first.lines().findFirst().orElse(""));
  }
}
