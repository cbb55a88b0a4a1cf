package bemble.app.siege;

import bemble.app.file.Look;
import bemble.app.journey.OwnProcess;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Damages of the data file while Bemble does not run. */
final class FlipSiege implements Siege.Part {
  /**
   * The number of starts of the real program; the other rounds only read the file as a start does.
   */
  private static final int STARTS = 5;

  @Override
  public List<Siege.Row> run(Path folder, int times) throws Exception {
    Path base = folder.resolve("flips");
    keepSomething(base);
    Path file = Path.of(base + ".mv.db");
    byte[] good = Files.readAllBytes(file);
    Random random = new Random(200);
    int flipped = 0;
    int mutated = 0;
    for (int i = 0; i < times; i++) {
      byte[] bytes = good.clone();
      bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
      flipped += isRefused(base, file, bytes, i < STARTS) ? 1 : 0;
      mutated += isRefused(base, file, Mutation.of(good, random), false) ? 1 : 0;
    }
    Files.write(file, good);
    return List.of(
        new Siege.Row(
            "a bit of the data file flipped after a clean stop",
            "refused and left as it is",
            "%d of %d refused".formatted(flipped, times)),
        new Siege.Row(
            "a block of it lost, doubled, emptied or exchanged",
            "refused and left as it is",
            "%d of %d refused".formatted(mutated, times)),
        flippedAfterAKill(base, file, random),
        cut(base, file, random));
  }

  /** After a kill only what was there when the file was opened has digests. */
  private static Siege.Row flippedAfterAKill(Path base, Path file, Random random)
      throws IOException {
    OwnBemble bemble = OwnBemble.start(base);
    Writers writers = new Writers(bemble.talk(), "flip").begin(2);
    Pause.millis(1500);
    bemble.kill();
    writers.end();
    byte[] killed = Files.readAllBytes(file);
    Set<String> before = contents(base);
    int refused = 0;
    int other = 0;
    int tries = 80;
    for (int i = 0; i < tries; i++) {
      byte[] bytes = killed.clone();
      bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
      Files.write(file, bytes);
      if (!Look.isTaken(base)) {
        refused++;
      } else if (!before.equals(contents(base))) {
        other++;
      }
    }
    Files.write(file, killed);
    return new Siege.Row(
        "a bit of it flipped after a kill",
        "refused, or taken with the same contents",
        "%d refused, %d the same, %d of %d taken with other contents"
            .formatted(refused, tries - refused - other, other, tries));
  }

  private static Set<String> contents(Path base) throws IOException {
    try {
      return Kept.in(base);
    } catch (SQLException e) {
      return Set.of(e.toString());
    }
  }

  private static void keepSomething(Path base) {
    try (OwnBemble bemble = OwnBemble.start(base)) {
      Writers writers = new Writers(bemble.talk(), "kept").begin(1);
      Pause.millis(1500);
      writers.end();
    }
  }

  private static boolean isRefused(Path base, Path file, byte[] bytes, boolean start)
      throws IOException, InterruptedException {
    Files.write(file, bytes);
    boolean refused = start ? !starts(base) : !Look.isTaken(base);
    return refused && Arrays.equals(bytes, Files.readAllBytes(file));
  }

  private static boolean starts(Path base) throws IOException, InterruptedException {
    Process process =
        OwnProcess.start(
            "--server.port=0", "--bemble.data=" + base, "--spring.context.exit=onRefresh");
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return process.waitFor() == 0 || !said.contains("not as Bemble left it");
  }

  /** After a kill there is no digest, but the seal tells which version was on the disk. */
  private static Siege.Row cut(Path base, Path file, Random random) throws IOException {
    OwnBemble bemble = OwnBemble.start(base);
    Writers writers = new Writers(bemble.talk(), "cut").begin(2);
    Pause.millis(2500);
    bemble.kill();
    writers.end();
    byte[] killed = Files.readAllBytes(file);
    boolean whole = Look.isTaken(base);
    int refused = 0;
    int tries = 100;
    for (int i = 0; i < tries; i++) {
      int blocks = killed.length / 4096;
      Files.write(file, Arrays.copyOf(killed, 4096 * (blocks - 1 - random.nextInt(blocks / 2))));
      refused += Look.isTaken(base) ? 0 : 1;
    }
    return new Siege.Row(
        "the data file cut short after a kill",
        "refused where something confirmed is missing",
        "%d of %d refused; uncut it is %s".formatted(refused, tries, whole ? "taken" : "refused"));
  }
}
