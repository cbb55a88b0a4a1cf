package bemble.app.siege;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Besieges Bemble and writes what was counted to {@code docs/reliability.md}. It takes hours and is
 * no part of the test run: {@code ./bemble siege}, or {@code ./bemble siege fuzz=1000} for one part
 * with so many rounds, which writes nothing.
 */
class Siege {
  /**
   * A line of the table.
   *
   * @param what was done
   * @param promised what must come of it
   * @param counted what came of it, with how often it was tried
   */
  record Row(String what, String promised, String counted) {}

  /** One kind of attack. */
  interface Part {
    /** Does it so many times; what it leaves lies in a folder that is empty at its start. */
    List<Row> run(Path folder, int times) throws Exception;
  }

  private static final Map<String, Part> PARTS = new TreeMap<>(Map.of("fuzz", new FuzzSiege()));
  private static final Map<String, Integer> TIMES = Map.of("fuzz", 1_000_000);

  @TempDir Path folder;

  @Test
  void run() throws Exception {
    String chosen = System.getProperty("siege", "");
    Map<String, Integer> times = chosen.isEmpty() ? TIMES : chosen(chosen);
    List<Row> rows = new ArrayList<>();
    for (String name : PARTS.keySet()) {
      if (times.containsKey(name)) {
        Path own = Files.createDirectory(folder.resolve(name));
        List<Row> counted = PARTS.get(name).run(own, times.get(name));
        counted.forEach(row -> System.out.println(line(row)));
        rows.addAll(counted);
      }
    }
  }

  private static Map<String, Integer> chosen(String parts) {
    Map<String, Integer> chosen = new TreeMap<>();
    for (String part : parts.split(",")) {
      String[] named = part.split("=");
      chosen.put(named[0], named.length > 1 ? Integer.parseInt(named[1]) : TIMES.get(named[0]));
    }
    return chosen;
  }

  private static String line(Row row) {
    return "| %s | %s | %s |".formatted(row.what(), row.promised(), row.counted());
  }
}
