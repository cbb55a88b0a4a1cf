package bemble.app.journey;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TimeZone;

/** Bemble in a process of its own, as a teacher starts it. */
public final class OwnProcess {
  private OwnProcess() {}

  /** Starts it for some seconds, too short to be worth more of the compiler. */
  public static Process start(String... arguments) throws IOException {
    return start(List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC"), arguments);
  }

  /** Starts it with some options of the machine; all its output goes to one stream. */
  public static Process start(List<String> options, String... arguments) throws IOException {
    return start(options, Map.of(), arguments);
  }

  /** Starts it with other variables of the environment. */
  static Process start(List<String> options, Map<String, String> around, String... arguments)
      throws IOException {
    List<String> command = new ArrayList<>();
    command.add(java());
    command.addAll(options);
    command.add("-Duser.timezone=" + TimeZone.getDefault().getID());
    command.addAll(OwnProgram.OPTIONS);
    command.add("bemble.app.Bemble");
    command.addAll(List.of(arguments));
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().putAll(around);
    return builder.start();
  }

  static String java() {
    return Path.of(System.getProperty("java.home"), "bin", "java").toString();
  }
}
