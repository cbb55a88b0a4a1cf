package bemble.app.journey;

import bemble.app.Bemble;
import bemble.app.file.DataReplaced;
import bemble.app.table.Changes;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.TestInfo;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Bemble running inside the test, on a free port. */
public final class RunningApp implements AutoCloseable {
  private static RunningApp shared;
  private static Path demo;
  private final Path data;
  private final ConfigurableApplicationContext context;

  RunningApp(Path data, boolean demo) {
    this(data, demo, "0", Clock.systemDefaultZone());
  }

  /** A Bemble with a clock of the test's own. */
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

  /** A Bemble with the demo data, which is made once and copied from then on. */
  static RunningApp ofDemo(Path folder) {
    try {
      if (demo == null) {
        demo = Files.createTempDirectory("bemble").resolve("demo");
        new RunningApp(demo, true).close();
      }
      for (String ending : List.of(".mv.db", ".seal")) {
        Files.copy(Path.of(demo + ending), folder.resolve("demo" + ending));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new RunningApp(folder.resolve("demo"), true);
  }

  /** Once it has stopped: another one at the same address, with the same data. */
  RunningApp again() {
    RunningApp again = new RunningApp(data, false, port(), Clock.systemDefaultZone());
    shared = this == shared ? again : shared;
    return again;
  }

  /** The app of all tests that do not mind the data of others. It ends with the tests. */
  static synchronized RunningApp shared() {
    if (shared == null) {
      try {
        shared = new RunningApp(Files.createTempDirectory("bemble").resolve("shared"), false);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
      Runtime.getRuntime().addShutdownHook(new Thread(() -> shared.close()));
    }
    return shared.context.isActive() ? shared : shared.again();
  }

  /** The shared one, emptied: as Bemble is when it is started for the first time. */
  static RunningApp emptied() {
    RunningApp app = shared();
    app.empty();
    return app;
  }

  /** The one for the tests of a class, emptied where it says so. */
  static RunningApp of(TestInfo info) {
    boolean beginsEmpty = info.getTestClass().orElseThrow().isAnnotationPresent(BeginsEmpty.class);
    return beginsEmpty ? emptied() : shared();
  }

  private void empty() {
    JdbcTemplate tables = context.getBean(JdbcTemplate.class);
    tables.execute("set referential_integrity false");
    tables
        .queryForList(
            "select table_name from information_schema.tables where table_schema = 'PUBLIC'"
                + " and table_type = 'BASE TABLE' and table_name <> 'flyway_schema_history'",
            String.class)
        .forEach(table -> tables.execute("truncate table " + table + " restart identity"));
    tables.execute("set referential_integrity true");
    spoil(
        "insert into school_class (name, style, version, current_class)"
            + " values ('My class', '{}', 1, true)");
    context.publishEvent(new DataReplaced());
  }

  public String address() {
    return "http://127.0.0.1:" + port();
  }

  private String port() {
    return String.valueOf(context.getEnvironment().getProperty("local.server.port"));
  }

  /** All requests that Bemble answers, by their conditions. */
  Map<RequestMappingInfo, HandlerMethod> requests() {
    return context
        .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
        .getHandlerMethods();
  }

  /** A bean of it, for tests of a part without an address. */
  <T> T part(Class<T> type) {
    return context.getBean(type);
  }

  /** Where its rows lie. */
  DataSource source() {
    return context.getBean(DataSource.class);
  }

  /** Changes the data behind Bemble's back. */
  void spoil(String sql) {
    context.getBean(JdbcTemplate.class).execute(sql);
    context.getBean(Changes.class).note();
  }

  @Override
  public void close() {
    context.close();
  }
}
