package bemble.app.siege;

import bemble.app.journey.RoomHand;
import bemble.app.journey.Screen;
import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.NullNode;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Measures a room with forty slates, and prints the results: {@code ./bemble room-load}. */
class RoomLoad {
  private static final int SLATES = 40;

  /** The first of them, which send drop by drop for a while. */
  private static final int SLOW = 6;

  private static final int SECONDS = Integer.getInteger("room.seconds", 60);
  private static final long PAUSE_NANOS = 500_000_000;
  private static final List<String> SUMS =
      List.of("687 × 459", "4,236 + 918", "6,204 − 1,487", "7,812 ÷ 6", "58 × 34");

  private final Latencies strokes = new Latencies();
  private final Latencies verdicts = new Latencies();
  private final Latencies told = new Latencies();
  private final ExecutorService asking = Executors.newCachedThreadPool();
  private final List<Slate> slates = new ArrayList<>();
  private final Map<String, List<JsonNode>> written = new ConcurrentHashMap<>();
  private Talk teacher;
  private RoomHand room;

  /** Whether any figures are written, the hardest for the judge, or pages as pupils write them. */
  private boolean any;

  /** A device with its page, and the number of its confirmed strokes. */
  private static final class Slate {
    final Talk device;
    final long pupil;
    final Random random;
    final Map<Integer, Long> sentAt = new ConcurrentHashMap<>();
    volatile long page;
    JsonNode pupils = NullNode.instance;
    final AtomicBoolean asks = new AtomicBoolean();
    int confirmed;

    Slate(Talk device, long pupil) {
      this.device = device;
      this.pupil = pupil;
      this.random = new Random(pupil);
    }
  }

  @Test
  void measures() throws Exception {
    Path data = Files.createTempDirectory("bemble").resolve("load");
    OwnBemble bemble = OwnBemble.startToMeasure(data);
    teacher = bemble.talk();
    room = fill(teacher);
    follow(teacher);
    // A machine that has just started takes its time for the first ones.
    write(15);
    strokes.clear();
    verdicts.clear();
    told.clear();
    write(SECONDS);
    say("40 slates, 2 strokes a second each: kept", "p95 100 ms", strokes);
    say("their verdicts", "p95 1 s", verdicts);
    say("stroke to the teacher's screen", "p95 300 ms", told);
    try (Screen screen = new Screen(teacher.address(), "/slate/room")) {
      Thread writing = new Thread(() -> write(22));
      writing.start();
      say(
          "the teacher's screen with 40 growing pages",
          "30 frames a second, 15 % of a core",
          screen.frames(10));
      writing.join();
    }
    strokes.clear();
    Thread slow = new Thread(() -> sendDropByDrop(SECONDS / 2));
    slow.start();
    write(slates.subList(SLOW, SLATES), SECONDS / 2);
    slow.join();
    say("kept while six seats send bodies drop by drop", "p99 at most three times", strokes);
    any = true;
    slates.forEach(this::turn);
    strokes.clear();
    verdicts.clear();
    write(SECONDS / 2);
    say("the same with any figures in any squares: kept", "p95 100 ms", strokes);
    say("their verdicts", "p95 1 s", verdicts);
    Latencies screens = flooded();
    say("the teacher's screens while strangers flood the door", "under 100 ms", screens);
    Thread writing = new Thread(() -> write(4));
    writing.start();
    LockSupport.parkNanos(2_000_000_000L);
    bemble.kill();
    writing.join();
    bemble = OwnBemble.startToMeasure(data);
    say("killed while 40 write", "nothing lost, nothing twice", lost());
    long begun = System.nanoTime();
    bemble.talk().delete("/api/rooms/open");
    while (answers()) {
      LockSupport.parkNanos(1_000_000);
    }
    say(
        "the port after closing",
        "shut within a second",
        (System.nanoTime() - begun) / 1_000_000 + " ms");
    bemble.close();
  }

  private RoomHand fill(Talk teacher) {
    String names =
        IntStream.rangeClosed(1, SLATES)
            .mapToObj(n -> "Pupil " + n)
            .collect(Collectors.joining("\n"));
    JsonNode roll = teacher.post("/api/roll", Map.of("names", names)).json();
    RoomHand room = new RoomHand(teacher).open("AT_ONCE", false);
    for (int i = 0; i < SLATES; i++) {
      long pupil = roll.get(i).get("id").asLong();
      Talk device = room.comeIn(pupil);
      slates.add(new Slate(device, pupil));
    }
    return room;
  }

  /** Another sum for a slate; every second page has a slip. */
  private void turn(Slate slate) {
    String sum = SUMS.get(slate.random.nextInt(SUMS.size()));
    List<JsonNode> hands = written.computeIfAbsent(sum, this::hands);
    slate.pupils = hands.get(slate.random.nextBoolean() ? 0 : slate.random.nextInt(hands.size()));
    room.give(sum, slate.pupil);
    slate.page = slate.device.get("/room/seat").json().at("/work/page").asLong();
    slate.sentAt.clear();
    slate.confirmed = 0;
  }

  /** The strokes of a right page, and those of a page with each slip. */
  private List<JsonNode> hands(String sum) {
    List<List<String>> slips = new ArrayList<>(List.of(List.of()));
    for (JsonNode slip : teacher.post("/api/slips", Map.of("plain", sum)).json()) {
      slips.add(List.of(slip.get("id").asText()));
    }
    return slips.stream()
        .map(made -> Map.of("sum", Map.of("plain", sum), "slips", made))
        .map(pupil -> teacher.post("/api/pupils", pupil).json().get("strokes"))
        .toList();
  }

  private Object stroke(Slate slate, int number) {
    return any
        ? Map.of(
            "number",
            number,
            "millis",
            500 * number,
            "kind",
            "FIGURE",
            "row",
            2 + slate.random.nextInt(8),
            "column",
            slate.random.nextInt(8),
            "text",
            String.valueOf(slate.random.nextInt(10)))
        : slate.pupils.get(number);
  }

  private void write(int seconds) {
    write(slates, seconds);
  }

  private void write(List<Slate> some, int seconds) {
    List<Thread> hands = new ArrayList<>();
    for (Slate slate : some) {
      Thread hand = new Thread(() -> write(slate, seconds));
      hand.start();
      hands.add(hand);
    }
    hands.forEach(RoomLoad::join);
  }

  private static void join(Thread thread) {
    try {
      thread.join();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private void write(Slate slate, int seconds) {
    LockSupport.parkNanos((long) (slate.random.nextDouble() * PAUSE_NANOS));
    long end = System.nanoTime() + seconds * 1_000_000_000L;
    while (System.nanoTime() < end) {
      if (slate.page == 0 || !any && slate.confirmed == slate.pupils.size()) {
        turn(slate);
      }
      int number = slate.confirmed;
      Object stroke = stroke(slate, number);
      slate.sentAt.putIfAbsent(number, System.nanoTime());
      try {
        Talk.Answer answer =
            strokes.time(
                () ->
                    slate.device.post(
                        "/room/pages/" + slate.page + "/strokes",
                        Map.of("strokes", List.of(stroke))));
        if (answer.status() >= 300) {
          throw new IllegalStateException(answer.text());
        }
        ask(slate);
        slate.confirmed++;
      } catch (UncheckedIOException e) {
        // It was killed.
        return;
      }
      LockSupport.parkNanos(PAUSE_NANOS);
    }
  }

  /** Six seats send a byte every 0.4 s on four connections each, and begin anew when cut off. */
  private void sendDropByDrop(int seconds) {
    long end = System.nanoTime() + seconds * 1_000_000_000L;
    List<Socket> sockets = new ArrayList<>();
    while (System.nanoTime() < end) {
      for (int i = sockets.size(); i < 24; i++) {
        try {
          sockets.add(room.slowBody(slates.get(i % SLOW).device, slates.get(i % SLOW).page));
        } catch (IOException e) {
          Thread.yield();
        }
      }
      sockets.removeIf(socket -> !RoomHand.drop(socket, " "));
      LockSupport.parkNanos(400_000_000);
    }
  }

  /** Asks for the verdict behind a stroke, as a device does: once at a time. */
  private void ask(Slate slate) {
    if (slate.asks.compareAndSet(false, true)) {
      long sent = System.nanoTime();
      asking.execute(
          () -> {
            try {
              slate.device.get("/room/pages/" + slate.page + "/report");
              verdicts.note(System.nanoTime() - sent);
            } catch (UncheckedIOException e) {
              // It was killed.
              Thread.yield();
            } finally {
              slate.asks.set(false);
            }
          });
    }
  }

  /** Notes when each stroke is told to the teacher's screen. */
  private void follow(Talk teacher) throws IOException {
    BufferedReader news =
        new BufferedReader(
            new InputStreamReader(
                URI.create(teacher.address() + "/api/rooms/open/news").toURL().openStream(),
                StandardCharsets.UTF_8));
    Thread reader = new Thread(() -> follow(news));
    reader.setDaemon(true);
    reader.start();
  }

  private void follow(BufferedReader news) {
    ObjectMapper json = new ObjectMapper();
    Map<Long, Slate> byPage = new ConcurrentHashMap<>();
    try {
      for (String line = news.readLine(); line != null; line = news.readLine()) {
        if (!line.startsWith("data:[")) {
          continue;
        }
        slates.forEach(slate -> byPage.put(slate.page, slate));
        for (JsonNode seat : json.readTree(line.substring(5))) {
          Slate slate = byPage.get(seat.at("/page/attempt").asLong());
          int come = seat.at("/page/strokes").size();
          Long sent = slate == null ? null : slate.sentAt.remove(come - 1);
          if (sent != null) {
            told.note(System.nanoTime() - sent);
          }
        }
      }
    } catch (IOException e) {
      // It was killed.
      Thread.yield();
    }
  }

  /** How long the teacher's own screens take while many try codes. */
  private Latencies flooded() {
    Latencies latencies = new Latencies();
    List<Thread> strangers = new ArrayList<>();
    long end = System.nanoTime() + 10_000_000_000L;
    for (int i = 0; i < 20; i++) {
      Thread stranger =
          new Thread(
              () -> {
                while (System.nanoTime() < end) {
                  room.tryCode();
                }
              });
      stranger.start();
      strangers.add(stranger);
    }
    while (System.nanoTime() < end) {
      latencies.time(() -> teacher.post("/api/workings", Map.of("plain", "346 + 287")));
      LockSupport.parkNanos(100_000_000);
    }
    strangers.forEach(RoomLoad::join);
    return latencies;
  }

  /** How many confirmed strokes are missing or out of order. */
  private String lost() {
    int lost = 0;
    int confirmed = 0;
    for (Slate slate : slates) {
      JsonNode kept = slate.device.get("/room/pages/" + slate.page).json().get("strokes");
      confirmed += slate.confirmed;
      lost += Math.max(0, slate.confirmed - kept.size());
      for (int number = 0; number < kept.size(); number++) {
        lost += kept.get(number).get("number").asInt() == number ? 0 : 1;
      }
    }
    return "%d of %,d confirmed".formatted(lost, confirmed);
  }

  private boolean answers() {
    URI address = URI.create(room.address());
    try (Socket socket = new Socket(address.getHost(), address.getPort())) {
      return socket.isConnected();
    } catch (IOException e) {
      return false;
    }
  }

  private static void say(String what, String aim, Latencies latencies) {
    say(what, aim, latencies.told(0.5, 0.95, 0.99));
  }

  private static void say(String what, String aim, String found) {
    System.out.println("| " + what + " | " + aim + " | " + found + " |");
  }
}
