package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;

/** Many clients read the costliest views, while one types answers. */
final class StarvingSiege implements Siege.Part {
  private static final int READERS = 40;
  private static final List<String> HEAVY =
      List.of("/api/register", "/api/plan?weeks=4", "/api/plan/year", "/api/plan/today");

  /** {@code times} counts the answers that are typed while the others read. */
  @Override
  public List<Siege.Row> run(Path folder, int times) throws InterruptedException {
    try (OwnBemble bemble =
        OwnBemble.startToMeasure(folder.resolve("starving"), "--bemble.demo=true")) {
      Talk talk = bemble.talk();
      Demo.await(talk);
      Latencies writing = new Latencies();
      Latencies reading = new Latencies();
      AtomicBoolean over = new AtomicBoolean();
      List<Thread> readers = new ArrayList<>();
      for (int i = 0; i < READERS; i++) {
        String path = HEAVY.get(i % HEAVY.size());
        Thread reader =
            new Thread(
                () -> {
                  while (!over.get()) {
                    reading.time(() -> talk.get(path));
                  }
                });
        reader.start();
        readers.add(reader);
      }
      new Typing(talk, new Random(40)).answers(times, writing);
      over.set(true);
      for (Thread reader : readers) {
        reader.join();
      }
      return List.of(
          new Siege.Row(
              READERS + " readers of register, plan and year, one who types answers",
              "a confirmed answer within 300 ms at p99",
              writing.told()),
          new Siege.Row("the readers meanwhile", "nothing is promised", reading.told()));
    }
  }

  /** A client that types answers into the first handout of the demo. */
  private static final class Typing {
    private final Talk talk;
    private final Random random;
    private final Map<String, Object> seen = new HashMap<>();

    Typing(Talk talk, Random random) {
      this.talk = talk;
      this.random = random;
    }

    void answers(int times, Latencies latencies) {
      long handout = talk.get("/api/handouts").json().at("/entries/0/id").asLong();
      JsonNode grid = talk.get("/api/handouts/" + handout).json();
      for (JsonNode cell : grid.get("cells")) {
        seen.put(cell.get("pupil") + " " + cell.get("number"), cell.get("given").asText());
      }
      for (int i = 0; i < times; i++) {
        long pupil =
            grid.get("pupils").get(random.nextInt(grid.get("pupils").size())).get("id").asLong();
        int number = random.nextInt(grid.get("sums").size());
        String square = pupil + " " + number;
        String given = String.valueOf(random.nextInt(2000));
        Map<String, Object> cell = new HashMap<>();
        cell.put("pupil", pupil);
        cell.put("number", number);
        cell.put("given", given);
        cell.put("seen", seen.get(square));
        String path = "/api/handouts/" + handout + "/answers";
        JsonNode put = latencies.time(() -> talk.put(path, Map.of("cells", List.of(cell)))).json();
        if (put.get("kept").size() != 1) {
          throw new IllegalStateException(put.toString());
        }
        seen.put(square, given);
      }
    }
  }
}
