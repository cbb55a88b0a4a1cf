package bemble.app.reader;

import bemble.ink.FigureNet;
import bemble.ink.FigureReader;
import bemble.ink.Ink;
import java.awt.Font;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

/**
 * Trains the nets of the reader, side by side, and sets its thresholds. Run by {@code ./bemble
 * reader}, which takes an hour and a half on two cores; the same seeds give the same weights.
 */
class ReaderMaker {
  /** The number of pictures to learn from; those after them set the thresholds. */
  static final int LEARNT = 50_000;

  private static final Path NETS = Path.of("../core/src/main/resources/bemble/ink");
  private static final int STEPS = 80_000;
  private static final int BATCH = 32;

  /** The number of new pictures in a batch; the others are drawn from earlier ones. */
  private static final int NEW = 8;

  private static final int KEPT = 120_000;
  private static final double RATE = 0.002;
  private static final int TOLD = 5_000;

  /** The figures that set thresholds are these of the set, and hands of this seed. */
  private static final int KEPT_FOR_THRESHOLDS = 60_000;

  private static final long THRESHOLD_SEED = 1001;

  /** Every font of this number sets thresholds; the nets learn from the others. */
  private static final int KEPT_FONT = 4;

  private final Path figures = Path.of(System.getProperty("figures"));
  private final List<Font> learnt = new ArrayList<>();
  private final List<Font> kept = new ArrayList<>();

  @Test
  void trains() throws Exception {
    List<Font> fonts = HandFonts.in(Path.of(System.getProperty("fonts")));
    for (int i = 0; i < fonts.size(); i++) {
      ((i + 1) % KEPT_FONT == 0 ? kept : learnt).add(fonts.get(i));
    }
    ExecutorService cores = Executors.newFixedThreadPool(2);
    List<FigureNet> nets = new ArrayList<>();
    for (Future<FigureNet> net :
        cores.invokeAll(List.<Callable<FigureNet>>of(() -> trained(1), () -> trained(2)))) {
      nets.add(net.get());
    }
    cores.shutdown();
    FigureSet set = new FigureSet(figures, "train", LEARNT, KEPT_FOR_THRESHOLDS);
    Squares squares = new Squares(set, kept, THRESHOLD_SEED);
    Files.writeString(
        NETS.resolve("thresholds.txt"),
        new ThresholdMaker(new FigureReader(nets), squares).made().text());
  }

  private FigureNet trained(long seed) throws IOException {
    Path to = NETS.resolve("figures-" + seed + ".net");
    Squares squares = new Squares(new FigureSet(figures, "train", 0, LEARNT), learnt, seed);
    train(squares, seed, STEPS, to);
    return FigureNet.of(Files.readAllBytes(to));
  }

  private static void train(Squares squares, long seed, int steps, Path to) throws IOException {
    Random random = new Random(seed);
    FigureNet net = new FigureNet(Trainer.fresh(random));
    Trainer trainer = new Trainer(net);
    byte[][] pictures = new byte[KEPT][];
    byte[] labels = new byte[KEPT];
    int made = 0;
    float[] picture = new float[Ink.SEEN * Ink.SEEN];
    double loss = 0;
    for (int step = 1; step <= steps; step++) {
      for (int enough = made + NEW; made < enough; ) {
        Squares.Labelled next = squares.next();
        Optional<float[]> seen = Ink.of(next.window().withoutLines()).figure();
        if (seen.isPresent()) {
          pictures[made % KEPT] = packed(seen.get());
          labels[made % KEPT] = (byte) next.label();
          made++;
        }
      }
      for (int i = 0; i < BATCH; i++) {
        int any = i < NEW ? (made - 1 - i) % KEPT : random.nextInt(Math.min(made, KEPT));
        unpack(pictures[any], picture);
        loss += trainer.learn(picture, labels[any]);
      }
      double share = step / (double) steps;
      trainer.step(RATE * Math.min(1, step / 500.0) * (0.5 + 0.5 * Math.cos(Math.PI * share)));
      if (step % TOLD == 0) {
        System.out.printf("net %d, step %d: %.4f%n", seed, step, loss / TOLD / BATCH);
        loss = 0;
        store(net, to);
      }
    }
    store(net, to);
  }

  private static byte[] packed(float[] picture) {
    byte[] packed = new byte[picture.length];
    for (int i = 0; i < packed.length; i++) {
      packed[i] = (byte) Math.round(picture[i] * 255);
    }
    return packed;
  }

  private static void unpack(byte[] packed, float[] picture) {
    for (int i = 0; i < packed.length; i++) {
      picture[i] = (packed[i] & 0xFF) / 255f;
    }
  }

  private static void store(FigureNet net, Path to) throws IOException {
    ByteBuffer bytes = ByteBuffer.allocate(FigureNet.WEIGHTS * Float.BYTES);
    bytes.asFloatBuffer().put(net.weights());
    Files.write(to, bytes.array());
  }
}
