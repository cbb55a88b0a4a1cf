package bemble.app.siege;

import bemble.app.journey.Talk;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.stream.IntStream;

/** Odd lines and damaged bodies: each is taken or refused in a sentence. */
final class FuzzSiege implements Siege.Part {
  private static final int THREADS = 4;

  /** The failures by what they have in common, with one example each. */
  private final Map<String, String> failed = new ConcurrentSkipListMap<>();

  /** Other {@code times} send other lines, so that a long run can be made of pieces. */
  @Override
  public List<Siege.Row> run(Path folder, int times) {
    int lines = times;
    int bodies = times / 10;
    try (OwnBemble bemble = OwnBemble.startToMeasure(folder.resolve("fuzz"))) {
      Talk talk = bemble.talk();
      prepare(talk);
      IntStream.range(0, THREADS)
          .parallel()
          .forEach(
              thread -> send(talk, new Random(lines + thread), lines / THREADS, bodies / THREADS));
      Map<String, String> views = new TreeMap<>(Views.failing(talk));
      failed.forEach((what, example) -> System.out.println(what + "\n    " + example));
      views.forEach((what, answer) -> System.out.println(what + "\n    " + answer));
      return List.of(
          new Siege.Row(
              "odd lines and damaged bodies",
              "each is taken or refused in a sentence, never a failure",
              "%d of %,d lines and %,d bodies failed".formatted(failed.size(), lines, bodies)),
          new Siege.Row("every view after that", "answers", "%d failed".formatted(views.size())));
    }
  }

  /** Makes the things that the bodies name. */
  static void prepare(Talk talk) {
    for (String path :
        List.of("attempts", "roll", "runs", "handouts", "plan/lessons", "pages", "sets")) {
      talk.post("/api/" + path, Noise.TAKEN.get("POST /api/" + path));
    }
  }

  private void send(Talk talk, Random random, int lines, int bodies) {
    for (int i = 0; i < lines; i++) {
      String line = Noise.line(random);
      note(talk.post("/api/workings", Map.of("plain", line)), "POST /api/workings", line);
    }
    List<String> all = List.copyOf(Noise.TAKEN.keySet());
    for (int i = 0; i < bodies; i++) {
      String asked = all.get(random.nextInt(all.size()));
      String body = Noise.damaged(Noise.TAKEN.get(asked), random);
      String[] parts = asked.split(" ");
      note(
          parts[0].equals("PUT") ? talk.put(parts[1], body) : talk.post(parts[1], body),
          asked,
          body);
    }
  }

  private void note(Talk.Answer answer, String asked, String sent) {
    if (answer.status() >= 500) {
      failed.putIfAbsent(answer.status() + " " + asked, sent);
    }
  }
}
