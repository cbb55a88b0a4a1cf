package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CountDownLatch;

/** Kills the process while pages are handed in one after another, each for a place in a grid. */
final class HandedInSiege implements Siege.Part {
  private static final int PUPILS = 12;
  private static final String SUM = "621 − 257";

  /**
   * The pages that were handed in at a kill.
   *
   * @param all how many they are
   * @param lost how many of them the grid does not have after the next start
   */
  record Pages(int all, int lost) {}

  @Override
  public List<Siege.Row> run(Path folder, int times) {
    Random random = new Random(55);
    int all = 0;
    int lost = 0;
    for (int round = 0; round < times; round++) {
      Pages pages = kill(folder.resolve("handed-in-" + round), random.nextInt(500));
      all += pages.all();
      lost += pages.lost();
    }
    return List.of(
        new Siege.Row(
            "kill −9 while pages are handed in",
            "each that is handed in stands in the grid after the next start",
            "%d kills: %d of %,d pages were not in the grid".formatted(times, lost, all)));
  }

  /** Kills Bemble so many milliseconds after the first of twelve pages was handed in. */
  static Pages kill(Path data, int millis) {
    OwnBemble bemble = OwnBemble.start(data);
    Talk talk = bemble.talk();
    List<String> names = new ArrayList<>();
    for (int i = 0; i < PUPILS; i++) {
      names.add("Pupil " + (char) ('A' + i));
    }
    talk.post("/api/roll", Map.of("names", String.join("\n", names)));
    Map<String, Object> sum = Talk.sum(SUM, "exchange");
    long handout =
        talk.post(
                "/api/handouts",
                Map.of(
                    "title", "Bulbs", "sums", List.of(Map.of("plain", SUM, "method", "exchange"))))
            .json()
            .get("id")
            .asLong();
    Object strokes =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", List.of())).json().get("strokes");
    List<Long> attempts = new ArrayList<>();
    for (String name : names) {
      Map<String, Object> request = Map.of("sum", sum, "who", name, "telling", "AT_END");
      long attempt = talk.post("/api/attempts", request).json().get("id").asLong();
      talk.post("/api/attempts/" + attempt + "/strokes", Map.of("strokes", strokes));
      attempts.add(attempt);
    }
    CountDownLatch begun = new CountDownLatch(1);
    Thread handing =
        new Thread(
            () ->
                attempts.forEach(
                    attempt -> {
                      handIn(talk, attempt);
                      begun.countDown();
                    }));
    handing.setUncaughtExceptionHandler((thread, killed) -> Thread.yield());
    handing.start();
    await(begun);
    Pause.millis(millis);
    bemble.kill();
    try (OwnBemble again = OwnBemble.start(data)) {
      return count(again.talk(), handout, attempts);
    }
  }

  private static void await(CountDownLatch begun) {
    try {
      begun.await();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void handIn(Talk talk, long attempt) {
    talk.post("/api/attempts/" + attempt + "/hand-in", Map.of("explanation", ""));
  }

  private static Pages count(Talk talk, long handout, List<Long> attempts) {
    Set<Long> inGrid = new HashSet<>();
    for (JsonNode page : talk.get("/api/handouts/" + handout).json().get("pages")) {
      inGrid.add(page.get("attempt").asLong());
    }
    List<Long> handedIn =
        attempts.stream()
            .filter(attempt -> talk.get("/api/attempts/" + attempt).json().has("handedInAt"))
            .toList();
    long lost = handedIn.stream().filter(attempt -> !inGrid.contains(attempt)).count();
    return new Pages(handedIn.size(), (int) lost);
  }
}
