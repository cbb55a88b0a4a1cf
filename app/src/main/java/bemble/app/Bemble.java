package bemble.app;

import bemble.app.about.RunningBemble;
import bemble.app.file.Backup;
import bemble.app.file.DataFile;
import bemble.app.file.UnusableFileException;
import bemble.app.scan.OwnSheets;
import bemble.app.words.Sentences;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.SpringApplication.AbandonedRunException;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts Bemble and says in one line where to look, or why it could not start. */
@SpringBootApplication
public class Bemble {
  private static final String DATA = "--bemble.data=";

  public static void main(String[] args) throws IOException {
    try {
      Optional<Path> backup = path(args, "--backup=");
      Optional<Path> restore = path(args, "--restore=");
      if (backup.isPresent()) {
        Backup.write(data(args), backup.get());
        System.out.println(Sentences.of("file.backed-up", "file", backup.get()));
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
      if (Arrays.asList(args).contains("--quit")) {
        MenuStart.quit(data(args));
        return;
      }
      Optional<Path> sheets = path(args, "--read-sheets=");
      if (sheets.isPresent()) {
        try (ConfigurableApplicationContext bemble = app().run(with("--server.port=0", args))) {
          System.out.println(bemble.getBean(OwnSheets.class).compared(sheets.get()));
        }
        return;
      }
      if (isFromMenu(args)) {
        MenuStart.open(data(args), port -> start(with("--server.port=" + port, args)));
      } else {
        start(args);
        if (Arrays.asList(args).contains("--once")) {
          // Started only so that the classes of a start and of its first answers can be noted.
          System.exit(0);
        }
      }
    } catch (AbandonedRunException prepared) {
      // The build only has its beans worked out.
      throw prepared;
    } catch (Exception failure) {
      System.err.println(reason(failure));
      if (isFromMenu(args)) {
        MenuStart.say(reason(failure));
      }
      System.exit(1);
    }
  }

  private static boolean isFromMenu(String... args) {
    return Arrays.asList(args).contains("--window");
  }

  private static String[] with(String more, String... args) {
    return Stream.concat(Stream.of(args), Stream.of(more)).toArray(String[]::new);
  }

  private static SpringApplication app() {
    return new SpringApplication(Bemble.class);
  }

  /** Starts Bemble, and gives its port once it answers. */
  private static String start(String... args) {
    SpringApplication app = app();
    app.addListeners((ApplicationListener<ApplicationStartedEvent>) Bemble::sayWhere);
    return port(app.run(args));
  }

  /** Bemble answers quickly from now on; the demo's data are still being written. */
  private static void sayWhere(ApplicationStartedEvent started) {
    RunningBemble bemble = RunningBemble.at(port(started.getApplicationContext()));
    // A window from the menu takes its time to open, and its Bemble is asked meanwhile.
    if (!isFromMenu(started.getArgs())) {
      FirstAnswers.ask(bemble);
    }
    System.out.println(Sentences.of("start.open", "address", bemble.address()));
  }

  private static String port(ApplicationContext bemble) {
    return String.valueOf(bemble.getEnvironment().getProperty("local.server.port"));
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
        return Sentences.of("start.port-in-use", "port", String.valueOf(port.getPort()));
      }
      if (cause instanceof UnusableFileException file) {
        return file.sentence();
      }
      if (cause instanceof SQLException sql) {
        return reason(sql);
      }
    }
    return Sentences.of("start.other", "why", String.valueOf(failure.getMessage()));
  }

  /** The database's message down to its first stop: what follows is for its own developers. */
  private static String reason(SQLException failure) {
    String message = String.valueOf(failure.getMessage());
    int end = message.indexOf("; SQL statement");
    String first = end < 0 ? message : message.substring(0, end);
    return Sentences.of("start.data", "why", first.lines().findFirst().orElse(""));
  }
}
