package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ConcurrentSkipListSet;

/**
 * Clients that keep pages, write on slates and type answers until Bemble is gone, and remember
 * every change that was confirmed.
 */
final class Writers {
  private static final int PUPILS = 4;

  private final Talk talk;
  private final String mark;
  private final List<Thread> threads = new ArrayList<>();
  private final ConcurrentLinkedQueue<String> odd = new ConcurrentLinkedQueue<>();
  private final Set<String> confirmed = new ConcurrentSkipListSet<>();
  private volatile boolean over;

  /** Writers whose work tells itself from that of others by a mark. */
  Writers(Talk talk, String mark) {
    this.talk = talk;
    this.mark = mark;
  }

  /** Begins with so many of each kind. */
  Writers begin(int each) {
    long handout = handOut();
    for (int i = 0; i < each; i++) {
      String name = mark + "-" + i;
      run(() -> keepPages(name));
      run(() -> writeOnSlates(name));
      int pupil = i;
      run(() -> typeAnswers(handout, pupil % PUPILS));
    }
    return this;
  }

  private void run(Runnable writing) {
    Thread thread =
        new Thread(
            () -> {
              try {
                while (!over) {
                  writing.run();
                }
              } catch (RuntimeException e) {
                // Bemble is gone, or its data was replaced: nothing was confirmed.
                Thread.yield();
              }
            });
    thread.start();
    threads.add(thread);
  }

  /** Waits until all have noticed that Bemble is gone, or stops them. */
  Writers end() {
    over = true;
    try {
      for (Thread thread : threads) {
        thread.join();
      }
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
    return this;
  }

  /** All changes that were answered with success. */
  Set<String> confirmed() {
    return confirmed;
  }

  /** Answers that no client should get. */
  List<String> odd() {
    return List.copyOf(odd);
  }

  private void keepPages(String name) {
    String title = "page " + name + "-" + System.nanoTime();
    if (isTaken(
        talk.post("/api/pages", Map.of("sum", Map.of("plain", "23 + 45"), "title", title)))) {
      confirmed.add(title);
    }
  }

  private void writeOnSlates(String name) {
    String who = name + " " + System.nanoTime();
    Talk.Answer begun =
        talk.post("/api/attempts", Map.of("sum", Map.of("plain", "46 + 38"), "who", who));
    if (!isTaken(begun)) {
      return;
    }
    confirmed.add("attempt " + who + " 0");
    for (int number = 0; number < 6 && !over; number++) {
      Map<String, Object> stroke =
          Map.of(
              "number",
              number,
              "millis",
              100 * number,
              "kind",
              "FIGURE",
              "row",
              4,
              "column",
              number % 3,
              "text",
              String.valueOf(number));
      String path = "/api/attempts/" + begun.json().get("id") + "/strokes";
      if (!isTaken(talk.post(path, Map.of("strokes", List.of(stroke))))) {
        return;
      }
      confirmed.add("attempt " + who + " " + (number + 1));
    }
  }

  private long handOut() {
    StringBuilder names = new StringBuilder();
    for (int i = 0; i < PUPILS; i++) {
      names.append(mark).append(" pupil ").append(i).append('\n');
    }
    talk.post("/api/roll", Map.of("names", names.toString()));
    List<Object> sums = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      sums.add(Map.of("plain", (140 + i) + " + 38", "method", "column"));
    }
    return talk.post("/api/handouts", Map.of("title", "sums " + mark, "sums", sums))
        .json()
        .path("id")
        .asLong();
  }

  private void typeAnswers(long handout, int place) {
    JsonNode grid = talk.get("/api/handouts/" + handout).json();
    JsonNode pupil = grid.at("/pupils/" + place);
    Set<Integer> done = new TreeSet<>();
    grid.path("cells")
        .forEach(
            cell -> {
              if (cell.get("pupil").equals(pupil.get("id"))) {
                done.add(cell.get("number").asInt());
              }
            });
    for (int number = 0; number < grid.path("sums").size() && !over; number++) {
      if (!done.contains(number)) {
        String given = String.valueOf(100 + number);
        Map<String, Object> cell =
            Map.of("pupil", pupil.get("id").asLong(), "number", number, "given", given);
        String path = "/api/handouts/" + handout + "/answers";
        Talk.Answer put = talk.put(path, Map.of("cells", List.of(cell)));
        if (isTaken(put) && put.json().get("kept").size() == 1) {
          confirmed.add("answer " + pupil.get("name").asText() + " " + number + " " + given);
        }
      }
    }
    if (done.size() >= grid.path("sums").size()) {
      over = over || grid.path("sums").isEmpty();
      Thread.yield();
    }
  }

  private boolean isTaken(Talk.Answer answer) {
    if (answer.status() >= 500 && answer.status() != 507) {
      odd.add(answer.text());
    }
    return answer.status() < 300;
  }
}
