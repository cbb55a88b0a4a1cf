package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** A class with so many answers behind it as a busy year brings. */
final class YearSiege implements Siege.Part {
  private static final int PUPILS = 30;
  private static final int SUMS = 20;
  private static final int WEEKS = 40;
  private static final int LOOKS = 20;
  private static final int STARTS = 5;

  /** {@code times} counts answers, in handouts of twenty sums for thirty pupils. */
  @Override
  public List<Siege.Row> run(Path folder, int times) throws IOException {
    Path data = folder.resolve("year");
    List<Siege.Row> rows = new ArrayList<>(looks(data, times));
    Latencies starts = new Latencies();
    for (int i = 0; i < STARTS; i++) {
      starts.time(() -> OwnBemble.startToMeasure(data)).close();
    }
    rows.add(
        new Siege.Row(
            "its start, until it says that it is open", "nothing is promised", starts.told()));
    rows.add(
        new Siege.Row(
            "its file",
            "nothing is promised",
            "%.1f MB".formatted(Files.size(Path.of(data + ".mv.db")) / 1e6)));
    return rows;
  }

  private static List<Siege.Row> looks(Path data, int times) {
    try (OwnBemble bemble = OwnBemble.startToMeasure(data)) {
      Talk talk = bemble.talk();
      List<String> names = new ArrayList<>();
      for (int i = 0; i < PUPILS; i++) {
        names.add("Pupil " + i);
      }
      talk.post("/api/roll", Map.of("names", String.join("\n", names)));
      List<String> rungs = new ArrayList<>();
      talk.get("/api/ladder").json().forEach(rung -> rungs.add(rung.get("id").asText()));
      int handouts = times / (PUPILS * SUMS);
      Random random = new Random(120);
      for (int i = 0; i < handouts; i++) {
        handOut(
            talk,
            rungs.get(i % rungs.size()),
            LocalDate.now().minusDays((long) (handouts - i) * 7 * WEEKS / handouts),
            random);
      }
      Latencies year = new Latencies();
      Latencies register = new Latencies();
      for (int i = 0; i < LOOKS; i++) {
        talk.put("/api/plan/holidays", Map.of("day", "2031-03-05", "name", "Fair " + i));
        year.time(() -> talk.get("/api/plan/year"));
        register.time(() -> talk.get("/api/register"));
      }
      return List.of(
          new Siege.Row(
              "the year of a class with %,d answers, after a change".formatted(times),
              "there within 300 ms",
              year.told()),
          new Siege.Row("its register", "there within 200 ms", register.told()));
    }
  }

  private static void handOut(Talk talk, String rung, LocalDate day, Random random) {
    Map<String, Object> line = Map.of("rung", rung, "count", SUMS);
    JsonNode draft =
        talk.post("/api/sets/draft", Map.of("lines", List.of(line), "seed", day.toEpochDay()))
            .json();
    List<Object> sums = new ArrayList<>();
    for (JsonNode sum : draft.get("sums")) {
      sums.add(
          Map.of(
              "plain", sum.get("plain").asText(),
              "method", sum.get("method").asText(),
              "rung", rung));
    }
    JsonNode grid =
        talk.post(
                "/api/handouts",
                Map.of(
                    "title",
                    "Beds " + day,
                    "sums",
                    sums,
                    "terms",
                    Map.of("givenOn", day.toString())))
            .json();
    List<Object> cells = new ArrayList<>();
    for (JsonNode pupil : grid.get("pupils")) {
      for (int number = 0; number < sums.size(); number++) {
        String right = grid.get("sums").get(number).get("right").asText();
        String given = random.nextInt(6) == 0 ? String.valueOf(random.nextInt(1000)) : right;
        cells.add(Map.of("pupil", pupil.get("id").asLong(), "number", number, "given", given));
      }
    }
    talk.put("/api/handouts/" + grid.get("id") + "/answers", Map.of("cells", cells));
  }
}
