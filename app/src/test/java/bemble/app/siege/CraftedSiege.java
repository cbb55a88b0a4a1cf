package bemble.app.siege;

import bemble.app.file.CraftedFile;
import bemble.app.journey.OwnProcess;
import bemble.app.journey.Talk;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Data files with something to be run in them, at every entrance of the real program. */
final class CraftedSiege implements Siege.Part {
  /** An entrance: whether a file was refused there. */
  private interface Entrance {
    boolean refuses(Path base, Path zip) throws IOException, InterruptedException;
  }

  private record Named(String name, Entrance entrance) {}

  @Override
  public List<Siege.Row> run(Path folder, int times) throws Exception {
    try (OwnBemble bemble = OwnBemble.start(folder.resolve("school"))) {
      List<Siege.Row> rows = new ArrayList<>();
      for (Named each : entrances(bemble.talk())) {
        rows.add(row(each, folder.resolve(each.name().replaceAll("\\W+", "-"))));
      }
      return rows;
    }
  }

  private static List<Named> entrances(Talk talk) {
    return List.of(
        new Named("--accept", (base, zip) -> ends("--accept", "--bemble.data=" + base)),
        new Named("the start", (base, zip) -> ends("--server.port=0", "--bemble.data=" + base)),
        new Named(
            "--backup",
            (base, zip) ->
                ends("--backup=" + zip.resolveSibling("now.zip"), "--bemble.data=" + base)),
        new Named(
            "--restore",
            (base, zip) ->
                ends("--restore=" + zip, "--bemble.data=" + base.resolveSibling("other"))),
        new Named("POST /api/backups/look", (base, zip) -> isRefused(talk, "look", zip)),
        new Named("POST /api/backups/restore", (base, zip) -> isRefused(talk, "restore", zip)));
  }

  private static Siege.Row row(Named entrance, Path folder) throws Exception {
    int refused = 0;
    int run = 0;
    for (CraftedFile crafted : CraftedFile.values()) {
      Path base = Files.createDirectories(folder.resolve(crafted.name())).resolve("data");
      refused += isRefused(crafted, base, entrance.entrance()) ? 1 : 0;
      run += hasRun(base) ? 1 : 0;
    }
    return new Siege.Row(
        "a data file with something to be run, or a backup of it, by " + entrance.name(),
        "refused in a sentence, nothing is run",
        "%d of %d refused, %d were run".formatted(refused, CraftedFile.values().length, run));
  }

  /** Whether the real program refuses a file that it is started with. */
  static boolean isRefusedAtTheStart(CraftedFile crafted, Path base) throws Exception {
    Files.createDirectories(base.getParent());
    return isRefused(
        crafted, base, (data, zip) -> ends("--server.port=0", "--bemble.data=" + data));
  }

  private static boolean isRefused(CraftedFile crafted, Path base, Entrance entrance)
      throws IOException, SQLException, InterruptedException {
    CraftedFile.good(base);
    crafted.make(base, base.resolveSibling("mark"));
    Path zip = CraftedFile.backup(base, base.resolveSibling("crafted.zip"));
    return entrance.refuses(base, zip);
  }

  /** Whether something was written that nobody asked for. */
  static boolean hasRun(Path base) throws IOException {
    try (Stream<Path> there = Files.list(base.getParent())) {
      return there
          .sorted(Comparator.naturalOrder())
          .anyMatch(each -> each.getFileName().toString().startsWith("mark"));
    }
  }

  /** Whether the program ends by itself and says that it failed. */
  private static boolean ends(String... arguments) throws IOException, InterruptedException {
    Process process = OwnProcess.start(arguments);
    process.getInputStream().transferTo(java.io.OutputStream.nullOutputStream());
    return process.waitFor() == 1;
  }

  private static boolean isRefused(Talk talk, String request, Path zip) throws IOException {
    return talk.send("/api/backups/" + request, "application/zip", Files.readAllBytes(zip)).status()
        == 422;
  }
}
