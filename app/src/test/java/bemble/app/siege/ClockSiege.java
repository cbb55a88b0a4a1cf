package bemble.app.siege;

import bemble.app.journey.RunningApp;
import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** A clock that is wrong for one start, as after an empty battery. */
final class ClockSiege implements Siege.Part {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 11, 2, 12, 0);
  private static final int DAYS = 2;

  @Override
  public List<Siege.Row> run(Path folder, int times) {
    int[] wrong = {-3650, -365, -1, 365, 3650};
    int good = 0;
    for (int days : wrong) {
      good += harm(folder.resolve("clock" + days), days).isEmpty() ? 1 : 0;
    }
    return List.of(
        new Siege.Row(
            "a clock a day, a year or ten years back, a year or ten ahead, for one start",
            "nothing is deleted for good, no copy is lost but the oldest",
            "%d of %d harmless".formatted(good, wrong.length)));
  }

  /** The harm that a start with a wrong clock does after some days with a right one. */
  static Set<String> harm(Path data, int daysWrong) {
    Set<String> harm = new TreeSet<>();
    for (int day = 0; day < DAYS; day++) {
      try (RunningApp app = at(data, day)) {
        keep(app, "day " + day);
      }
    }
    long deleted;
    Set<String> copies;
    try (RunningApp app = at(data, DAYS)) {
      Talk talk = new Talk(app.address());
      deleted = talk.get("/api/pages").json().at("/entries/0/id").asLong();
      talk.delete("/api/pages/" + deleted);
      copies = copies(talk);
    }
    try (RunningApp app = at(data, DAYS + daysWrong)) {
      Talk talk = new Talk(app.address());
      Set<String> now = copies(talk);
      Set<String> lost = new TreeSet<>(copies);
      lost.removeAll(now);
      if (lost.size() > 2 || now.size() < Math.min(copies.size(), 2)) {
        harm.add("copies: " + lost);
      }
      if (talk.post("/api/pages/" + deleted + "/restore", "").status() >= 300) {
        harm.add("deleted for good");
      }
      talk.delete("/api/pages/" + deleted);
    }
    try (RunningApp app = at(data, DAYS)) {
      Talk talk = new Talk(app.address());
      if (talk.post("/api/pages/" + deleted + "/restore", "").status() >= 300) {
        harm.add("deleted for good afterwards");
      }
    }
    return harm;
  }

  private static RunningApp at(Path data, int day) {
    ZoneId zone = ZoneId.systemDefault();
    return new RunningApp(data, Clock.fixed(NOON.plusDays(day).atZone(zone).toInstant(), zone));
  }

  private static void keep(RunningApp app, String title) {
    Map<String, Object> page = Map.of("sum", Map.of("plain", "23 + 45"), "title", title);
    new Talk(app.address()).post("/api/pages", page);
  }

  private static Set<String> copies(Talk talk) {
    Set<String> names = new TreeSet<>();
    for (JsonNode copy : talk.get("/api/backups").json()) {
      names.add(copy.get("name").asText());
    }
    return names;
  }
}
