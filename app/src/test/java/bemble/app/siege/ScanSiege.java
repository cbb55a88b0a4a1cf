package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Kills the process while it reads a pile of sheets whose answers are settled and taken. */
final class ScanSiege implements Siege.Part {
  private static final int PUPILS = 8;
  private static final int READING_MILLIS = 16_000;

  /** The answers of which Bemble said that they are kept: pupil, number of the sum, text. */
  private final Set<String> confirmed = new HashSet<>();

  @Override
  public List<Siege.Row> run(Path folder, int times) {
    Random random = new Random(12);
    Path data = folder.resolve("scans");
    try (OwnBemble bemble = OwnBemble.start(data)) {
      String names =
          IntStream.range(0, PUPILS).mapToObj(i -> "Pupil " + i).collect(Collectors.joining("\n"));
      bemble.talk().post("/api/roll", Map.of("names", names));
    }
    int all = 0;
    int lost = 0;
    for (int round = 0; round < times; round++) {
      confirmed.clear();
      long handout = killed(data, random.nextInt(READING_MILLIS));
      all += confirmed.size();
      try (OwnBemble again = OwnBemble.start(data)) {
        confirmed.removeAll(grid(again.talk(), handout));
      }
      lost += confirmed.size();
    }
    return List.of(
        new Siege.Row(
            "kill −9 while a pile of sheets is read, settled and taken",
            "each settled answer is taken into the grid after the next start",
            "%d kills: %d of %,d were lost".formatted(times, lost, all)));
  }

  private long killed(Path data, int millis) {
    OwnBemble bemble = OwnBemble.start(data);
    Talk talk = bemble.talk();
    List<Object> sums =
        List.of(Map.of("plain", "62 − 35"), Map.of("plain", "48 + 27"), Map.of("plain", "84 ÷ 4"));
    long handout =
        talk.post("/api/handouts", Map.of("title", "Potting shed", "sums", sums))
            .json()
            .get("id")
            .asLong();
    byte[] pile =
        talk.post("/api/handouts/" + handout + "/stand-in", Map.of("seed", 5, "most", PUPILS))
            .bytes();
    Thread teacher = new Thread(() -> settle(talk, handout, pile));
    teacher.start();
    Pause.millis(millis);
    bemble.kill();
    try {
      teacher.join();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
    return handout;
  }

  /** Settles what is read and takes it, until Bemble is killed or the grid is full. */
  private void settle(Talk talk, long handout, byte[] pile) {
    try {
      talk.send("/api/scans?handout=" + handout, "application/octet-stream", pile);
      for (JsonNode scans = scans(talk, handout); !scans.isEmpty(); scans = scans(talk, handout)) {
        JsonNode scan = scans.get(0);
        scan.get("pages").forEach(page -> settle(talk, scan, page));
        talk.post("/api/scans/" + scan.get("id") + "/take", null);
      }
    } catch (UncheckedIOException killed) {
      Thread.yield();
    }
  }

  private void settle(Talk talk, JsonNode scan, JsonNode page) {
    List<Object> settled = new ArrayList<>();
    Set<String> answers = new HashSet<>();
    for (JsonNode answer : page.get("answers")) {
      String text = String.valueOf(100 * page.get("id").asInt() + answer.get("sum").asInt());
      settled.add(Map.of("page", page.get("id"), "sum", answer.get("sum"), "text", text));
      answers.add(page.get("pupil") + " " + answer.get("sum") + " " + text);
    }
    int status = talk.put("/api/scans/" + scan.get("id") + "/settled", settled).status();
    if (status == 200) {
      confirmed.addAll(answers);
    }
  }

  private static JsonNode scans(Talk talk, long handout) {
    return talk.get("/api/scans?handout=" + handout).json();
  }

  /** What stands in the grid once the piles that are left are taken. */
  private static Set<String> grid(Talk talk, long handout) {
    scans(talk, handout).forEach(scan -> talk.post("/api/scans/" + scan.get("id") + "/take", null));
    Set<String> given = new HashSet<>();
    for (JsonNode cell : talk.get("/api/handouts/" + handout).json().get("cells")) {
      given.add(cell.get("pupil") + " " + cell.get("number") + " " + cell.get("given").asText());
    }
    return given;
  }
}
