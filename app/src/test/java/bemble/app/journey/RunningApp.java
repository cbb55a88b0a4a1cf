package bemble.app.journey;

import bemble.app.Bemble;
import java.nio.file.Path;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Bemble running inside the test, on a free port. */
final class RunningApp implements AutoCloseable {
  private final ConfigurableApplicationContext context;

  RunningApp(Path data, boolean demo) {
    context =
        new SpringApplicationBuilder(Bemble.class)
            .run("--server.port=0", "--bemble.data=" + data, "--bemble.demo=" + demo);
  }

  String address() {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
  }

  @Override
  public void close() {
    context.close();
  }
}
