package bemble.app.journey;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Bemble in a process of its own, as a teacher starts it. */
public final class OwnProcess {
  private OwnProcess() {}

  /** Starts it; what it says goes to one output. */
  public static Process start(String... arguments) throws IOException {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                // It lives for some seconds: too short to be worth more of the compiler.
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "bemble.app.Bemble"));
    command.addAll(List.of(arguments));
    return new ProcessBuilder(command).redirectErrorStream(true).start();
  }
}
