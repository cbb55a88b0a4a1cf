package bemble.app.siege;

import bemble.app.journey.Talk;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * A Bemble whose data lie on a real file system of a few megabytes. It is mounted by a shell in a
 * name space of its own, so that it goes with it.
 */
final class SmallDisk implements AutoCloseable {
  /** A shell with mounts and processes of its own, all of which end with it. */
  private static final List<String> ALONE =
      List.of("unshare", "-rmpf", "--mount-proc", "--kill-child", "sh");

  private final Process shell;
  private final OutputStream commands;
  private final BufferedReader said;
  private final Path disk;
  private final Path log;
  private final Talk talk;

  /** Mounts a disk and starts Bemble on it. */
  SmallDisk(Path folder, int megabytes) throws IOException {
    disk = Files.createDirectories(folder.resolve("disk"));
    log = Files.createFile(folder.resolve("log"));
    shell = new ProcessBuilder(ALONE).redirectErrorStream(true).start();
    commands = shell.getOutputStream();
    said =
        new BufferedReader(new InputStreamReader(shell.getInputStream(), StandardCharsets.UTF_8));
    run("mount -t tmpfs -o size=%dm tmpfs %s".formatted(megabytes, disk));
    int port = freePort();
    run(
        "java -XX:TieredStopAtLevel=1 -cp '%s' bemble.app.Bemble --server.port=%d --bemble.data=%s > %s 2>&1 & app=$!"
            .formatted(System.getProperty("java.class.path"), port, disk.resolve("school"), log));
    talk = new Talk("http://127.0.0.1:" + port);
    while (!Files.readString(log).contains("Bemble is open at")) {
      if (!shell.isAlive()) {
        throw new IllegalStateException(Files.readString(log));
      }
      Pause.millis(50);
    }
  }

  /** Whether a small disk can be mounted here. */
  static boolean isPossible() {
    try {
      return tried().waitFor() == 0;
    } catch (IOException e) {
      return false;
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Process tried() throws IOException {
    List<String> command = new ArrayList<>(ALONE);
    command.addAll(List.of("-c", "true"));
    return new ProcessBuilder(command).start();
  }

  private static int freePort() throws IOException {
    try (ServerSocket any = new ServerSocket(0)) {
      return any.getLocalPort();
    }
  }

  Talk talk() {
    return talk;
  }

  /** Fills the disk until so many megabytes are free. */
  void fillTo(int megabytes) {
    run(
        "free=$(df -m --output=avail %s | tail -1); head -c $(( (free - %d) * 1048576 )) /dev/zero > %s 2>&1"
            .formatted(disk, megabytes, disk.resolve("ballast")));
  }

  void free() {
    run("rm " + disk.resolve("ballast"));
  }

  /** Runs a command in the shell and waits for its end. */
  private void run(String command) {
    try {
      commands.write((command + "\necho done\n").getBytes(StandardCharsets.UTF_8));
      commands.flush();
      for (String line = said.readLine(); line != null; line = said.readLine()) {
        if (line.equals("done")) {
          return;
        }
      }
      throw new IllegalStateException("The shell ended at: " + command);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() {
    run("kill $app; wait $app");
    shell.destroy();
  }
}
