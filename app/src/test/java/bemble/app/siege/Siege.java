package bemble.app.siege;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/**
 * Besieges Bemble and writes the counts to {@code docs/reliability.md}. It takes hours and is no
 * part of the test run: {@code ./bemble siege}. {@code ./bemble siege kills=20,fuzz=1000} does some
 * parts with so many rounds and writes nothing.
 */
class Siege {
  private static final Path TABLE = Path.of("../docs/reliability.md");
  private static final String BEGIN = "<!-- counted by ./bemble siege -->\n";

  /**
   * A line of the table.
   *
   * @param what the attack
   * @param promised the promised result
   * @param counted the result, and how often it was tried
   */
  record Row(String what, String promised, String counted) {}

  /** One kind of attack. */
  interface Part {
    /** Does it so many times, in a folder that is empty at the start. */
    List<Row> run(Path folder, int times) throws Exception;
  }

  /**
   * A part of the siege.
   *
   * @param times how often, where nothing else is said
   */
  private record Named(String name, int times, Part part) {}

  private static final List<Named> PARTS =
      List.of(
          new Named("kills", 500, new KillSiege()),
          new Named("flips", 200, new FlipSiege()),
          new Named("backups", 1000, new BackupSiege()),
          new Named("crafted", 1, new CraftedSiege()),
          new Named("handed-in", 40, new HandedInSiege()),
          new Named("scans", 40, new ScanSiege()),
          new Named("disk", 50, new DiskSiege()),
          new Named("clocks", 1, new ClockSiege()),
          new Named("fuzz", 1_000_000, new FuzzSiege()),
          new Named("slates", 3000, new SlatesSiege()),
          new Named("starving", 1000, new StarvingSiege()),
          new Named("year", 120_000, new YearSiege()));

  /** Kept where the siege fails, to be looked at. */
  @TempDir(cleanup = CleanupMode.ON_SUCCESS)
  Path folder;

  @Test
  void run() throws Exception {
    Map<String, Integer> chosen = chosen(System.getProperty("siege", ""));
    List<String> lines = new ArrayList<>();
    for (Named part : PARTS) {
      if (chosen.isEmpty() || chosen.containsKey(part.name())) {
        Path own = Files.createDirectory(folder.resolve(part.name()));
        int times = chosen.getOrDefault(part.name(), part.times());
        for (Row row : part.part().run(own, times == 0 ? part.times() : times)) {
          String line = "| %s | %s | %s |".formatted(row.what(), row.promised(), row.counted());
          System.out.println(line);
          lines.add(line);
        }
      }
    }
    if (chosen.isEmpty()) {
      write(lines);
    }
  }

  /** The chosen parts with their rounds; 0 where that is left open. */
  private static Map<String, Integer> chosen(String parts) {
    Map<String, Integer> chosen = new LinkedHashMap<>();
    for (String part : parts.isEmpty() ? new String[0] : parts.split(",")) {
      String[] named = part.split("=");
      chosen.put(named[0], named.length > 1 ? Integer.parseInt(named[1]) : 0);
    }
    return chosen;
  }

  private static void write(List<String> lines) throws IOException {
    String before = Files.readString(TABLE);
    String head = before.substring(0, before.indexOf(BEGIN) + BEGIN.length());
    Files.writeString(
        TABLE,
        head
            + "| what was done | what is promised | what was counted |\n| --- | --- | --- |\n"
            + String.join("\n", lines)
            + "\n");
  }
}
