package bemble.app.journey;

import bemble.app.Bemble;
import bemble.app.store.Changes;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.junit.jupiter.api.TestInfo;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Bemble running inside the test, on a free port. */
public final class RunningApp implements AutoCloseable {
  private static RunningApp shared;
  private final Path data;
  private final ConfigurableApplicationContext context;

  RunningApp(Path data, boolean demo) {
    this(data, demo, "0", Clock.systemDefaultZone());
  }

  /** One whose clock is told. */
  public RunningApp(Path data, Clock clock) {
    this(data, false, "0", clock);
  }

  private RunningApp(Path data, boolean demo, String port, Clock clock) {
    this.data = data;
    context =
        new SpringApplicationBuilder(Bemble.class)
            .initializers(
                (GenericApplicationContext made) ->
                    made.registerBean(
                        "clockOfTheTest", Clock.class, () -> clock, bean -> bean.setPrimary(true)))
            .run("--server.port=" + port, "--bemble.data=" + data, "--bemble.demo=" + demo);
  }

  /** Once it has stopped: another one at the same address, with the same data. */
  RunningApp again() {
    return new RunningApp(data, false, port(), Clock.systemDefaultZone());
  }

  /**
   * The one that serves all tests that do not mind what others have left in it. It ends with the
   * tests.
   */
  static synchronized RunningApp shared() {
    if (shared == null) {
      try {
        shared = new RunningApp(Files.createTempDirectory("bemble").resolve("shared"), false);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
      Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
    }
    return shared;
  }

  /** The one for the tests of a class: shared, or its own where it says so. */
  static RunningApp of(TestInfo info, Path folder) {
    boolean isAlone = info.getTestClass().orElseThrow().isAnnotationPresent(OwnApp.class);
    return isAlone ? new RunningApp(folder.resolve("own"), false) : shared();
  }

  /** Ends it, unless others share it. */
  void leave() {
    if (this != shared) {
      close();
    }
  }

  public String address() {
    return "http://127.0.0.1:" + port();
  }

  private String port() {
    return String.valueOf(context.getEnvironment().getProperty("local.server.port"));
  }

  /** Changes what is kept behind Bemble's back. */
  void spoil(String sql) {
    context.getBean(JdbcTemplate.class).execute(sql);
    context.getBean(Changes.class).note();
  }

  @Override
  public void close() {
    context.close();
  }
}
