package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.locks.LockSupport;

/** Many slates at once, each written on with random figures, which is the hardest for the judge. */
final class SlatesSiege implements Siege.Part {
  private static final int SLATES = 50;
  private static final List<String> SUMS =
      List.of("687 × 459", "4,236 + 918", "6,204 − 1,487", "7,812 ÷ 6", "58 × 34", "√5,329");

  /** A hand writes two figures in a second. */
  private static final Duration PAUSE = Duration.ofMillis(500);

  /** {@code times} counts the strokes of all slates together. */
  @Override
  public List<Siege.Row> run(Path folder, int times) throws InterruptedException {
    try (OwnBemble bemble = OwnBemble.startToMeasure(folder.resolve("slates"))) {
      Talk talk = bemble.talk();
      write(talk, times / 5, Duration.ZERO);
      Latencies paced = write(talk, times, PAUSE);
      Latencies atOnce = write(talk, times, Duration.ZERO);
      return List.of(
          new Siege.Row(
              SLATES + " slates with random figures, two in a second on each",
              "each is judged within 300 ms at p99",
              paced.told()),
          new Siege.Row(
              SLATES + " slates with random figures, each as soon as the last is answered",
              "each is judged within 300 ms at p99",
              atOnce.told()));
    }
  }

  private static Latencies write(Talk talk, int times, Duration pause) throws InterruptedException {
    Latencies latencies = new Latencies();
    List<Thread> hands = new ArrayList<>();
    for (int i = 0; i < SLATES; i++) {
      Random random = new Random(i);
      String sum = SUMS.get(i % SUMS.size());
      Thread hand = new Thread(() -> write(talk, sum, times / SLATES, pause, random, latencies));
      hand.start();
      hands.add(hand);
    }
    for (Thread hand : hands) {
      hand.join();
    }
    return latencies;
  }

  private static void write(
      Talk talk, String sum, int strokes, Duration pause, Random random, Latencies latencies) {
    JsonNode begun = talk.post("/api/attempts", Map.of("sum", Map.of("plain", sum))).json();
    LockSupport.parkNanos(random.nextInt(1 + (int) pause.toNanos()));
    for (int number = 0; number < strokes; number++) {
      Map<String, Object> stroke =
          Map.of(
              "number",
              number,
              "millis",
              500 * number,
              "kind",
              "FIGURE",
              "row",
              2 + random.nextInt(8),
              "column",
              random.nextInt(8),
              "text",
              String.valueOf(random.nextInt(10)));
      Talk.Answer answer =
          latencies.time(
              () ->
                  talk.post(
                      "/api/attempts/" + begun.get("id") + "/strokes",
                      Map.of("strokes", List.of(stroke))));
      if (answer.status() != 200) {
        throw new IllegalStateException(answer.text());
      }
      LockSupport.parkNanos(pause.toNanos());
    }
  }
}
