package bemble.app.siege;

import bemble.app.journey.OwnProcess;
import bemble.app.journey.Talk;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Bemble in a process of its own that is open, to be stopped or killed. */
public final class OwnBemble implements AutoCloseable {
  private static final String OPEN = "Bemble is open at ";

  private final Process process;
  private final Talk talk;

  private OwnBemble(Process process, String address) {
    this.process = process;
    this.talk = new Talk(address);
  }

  /** Starts it for a short while and waits until it is open. */
  public static OwnBemble start(Path data, String... more) {
    return start(List.of("-XX:TieredStopAtLevel=1"), data, more);
  }

  /** Starts it as a teacher does, to be measured, and waits until it is open. */
  static OwnBemble startToMeasure(Path data, String... more) {
    return start(List.of("-XX:+UseSerialGC"), data, more);
  }

  private static OwnBemble start(List<String> options, Path data, String... more) {
    try {
      List<String> arguments = new ArrayList<>(List.of("--server.port=0", "--bemble.data=" + data));
      arguments.addAll(List.of(more));
      return open(OwnProcess.start(options, arguments.toArray(String[]::new)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Takes a process that was started, once it says where it is open. */
  static OwnBemble open(Process process) throws IOException {
    BufferedReader said =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    StringBuilder all = new StringBuilder();
    for (String line = said.readLine(); line != null; line = said.readLine()) {
      if (line.startsWith(OPEN)) {
        drain(said);
        return new OwnBemble(process, line.substring(OPEN.length()));
      }
      all.append(line).append('\n');
    }
    throw new IllegalStateException("Bemble did not start: " + all);
  }

  /** Whatever it says is read, so that it never waits for a reader. */
  private static void drain(BufferedReader said) {
    Thread reader =
        new Thread(
            () -> {
              try {
                said.transferTo(Writer.nullWriter());
              } catch (IOException e) {
                // It has ended.
                Thread.yield();
              }
            });
    reader.setDaemon(true);
    reader.start();
  }

  public Talk talk() {
    return talk;
  }

  /** Ends it as a power cut of the process: nothing is tidied up. */
  public void kill() {
    end(process.destroyForcibly());
  }

  /** Ends it as a teacher does. */
  @Override
  public void close() {
    process.destroy();
    end(process);
  }

  private static void end(Process process) {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
