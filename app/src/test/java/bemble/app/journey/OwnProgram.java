package bemble.app.journey;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * The program without its tests, as tests start it in processes of their own: in jars, so that the
 * machine can note their classes once, which takes some two fifths off each later start.
 */
final class OwnProgram {
  private static final Path FOLDER = Path.of("target", "own");
  private static final Path NOTED = FOLDER.resolve("classes.jsa");

  /** The options of the machine that start it. */
  static final List<String> OPTIONS = made();

  private OwnProgram() {}

  private static List<String> made() {
    try {
      Files.createDirectories(FOLDER);
      // Another fork of the tests may be making it.
      try (FileChannel channel =
          FileChannel.open(
              FOLDER.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
        channel.lock();
        List<String> path = new ArrayList<>();
        for (String each : System.getProperty("java.class.path").split(File.pathSeparator)) {
          if (!each.endsWith("test-classes")) {
            Path entry = Path.of(each);
            path.add(Files.isDirectory(entry) ? jar(entry).toString() : each);
          }
        }
        String classPath = String.join(File.pathSeparator, path);
        if (!Files.exists(NOTED)) {
          note(classPath);
        }
        return List.of("-XX:SharedArchiveFile=" + NOTED.toAbsolutePath(), "-cp", classPath);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The jar of a folder of classes, made anew where one of them is newer. */
  private static Path jar(Path classes) throws IOException {
    String module = classes.toAbsolutePath().getParent().getParent().getFileName().toString();
    Path jar = FOLDER.resolve(module + ".jar").toAbsolutePath();
    List<Path> files;
    try (Stream<Path> all = Files.walk(classes)) {
      // Beans are found by the folders, which have entries of their own.
      files = all.filter(file -> !file.equals(classes)).sorted().toList();
    }
    if (!Files.exists(jar) || files.stream().anyMatch(file -> isNewer(file, jar))) {
      Files.deleteIfExists(NOTED);
      Path part = FOLDER.resolve(module + ".part");
      try (OutputStream out = Files.newOutputStream(part);
          ZipOutputStream zip = new ZipOutputStream(out)) {
        for (Path file : files) {
          String name = classes.relativize(file).toString();
          zip.putNextEntry(new ZipEntry(Files.isDirectory(file) ? name + "/" : name));
          if (Files.isRegularFile(file)) {
            Files.copy(file, zip);
          }
          zip.closeEntry();
        }
      }
      Files.move(part, jar, StandardCopyOption.REPLACE_EXISTING);
    }
    return jar;
  }

  private static boolean isNewer(Path one, Path other) {
    try {
      return Files.getLastModifiedTime(one).compareTo(Files.getLastModifiedTime(other)) > 0;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts it once and notes its classes; without them it starts as well, only later. */
  private static void note(String classPath) throws IOException {
    Path data = Files.createTempDirectory("bemble");
    String[] command = {
      OwnProcess.java(),
      "-XX:TieredStopAtLevel=1",
      "-XX:+UseSerialGC",
      "-XX:ArchiveClassesAtExit=" + NOTED.toAbsolutePath(),
      "-cp",
      classPath,
      "bemble.app.Bemble",
      "--server.port=0",
      "--bemble.data=" + data.resolve("noted"),
      "--once"
    };
    Process process =
        new ProcessBuilder(Arrays.asList(command))
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
