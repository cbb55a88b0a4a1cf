package bemble.ink;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ink.Ink.State;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Squares that are drawn dot by dot, with and without printed lines. */
class InkTest {
  private static final int PALE = 60;
  private static final int INK = 190;

  private final byte[] dots = new byte[Window.SIDE * Window.SIDE];

  private InkTest fill(int left, int top, int right, int bottom, int tone) {
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        int at = y * Window.SIDE + x;
        dots[at] = (byte) Math.max(dots[at] & 0xFF, tone);
      }
    }
    return this;
  }

  /** The printed lines of the paper, and inside them the box. */
  private InkTest printed() {
    for (int line : new int[] {12, 71, 15, 67}) {
      fill(line, 0, line + 2, Window.SIDE, PALE).fill(0, line, Window.SIDE, line + 2, PALE);
    }
    return this;
  }

  /** An upright stroke, as wide as a pen's. */
  private InkTest stroke(int left) {
    return fill(left, 25, left + 4, 62, INK);
  }

  private Ink ink() {
    return Ink.of(new Window(dots.clone()).withoutLines());
  }

  @Test
  void printedLinesAreNoInk() {
    assertEquals(State.BLANK, printed().ink().state());
  }

  @Test
  void aStrokeOnALineIsStillInk() {
    State state = printed().fill(14, 16, 19, 64, INK).ink().state();
    assertTrue(state != State.BLANK, state::toString);
  }

  /** A rule goes on through the squares beside its own, or ends at the corner of one. */
  @Test
  void aPrintedRuleIsNoInkAndABarOnItIs() {
    for (int from : new int[] {0, 12}) {
      InkTest ruled = new InkTest().printed().fill(from, 10, Window.SIDE, 14, INK);
      assertEquals(State.BLANK, ruled.ink().state(), () -> "a rule from " + from);
      assertEquals(State.PLAIN, ruled.stroke(40).ink().state(), () -> "a rule from " + from);
    }
    State bar = printed().fill(16, 13, 68, 17, INK).ink().state();
    assertTrue(bar != State.BLANK, bar::toString);
  }

  @Test
  void aStrokeReadsTheSameWithAndWithoutLines() {
    float[] bare = new InkTest().stroke(40).ink().figure().orElseThrow();
    Ink lined = printed().stroke(40).ink();
    assertEquals(State.PLAIN, lined.state());
    assertArrayEquals(bare, lined.figure().orElseThrow(), 0.02f);
  }

  /** Ink in the squares beside it belongs to them. */
  @Test
  void neighboursAreLeftOut() {
    float[] alone = new InkTest().stroke(40).ink().figure().orElseThrow();
    Ink between = stroke(40).fill(0, 30, 5, 60, INK).fill(78, 30, 84, 60, INK).ink();
    assertEquals(State.PLAIN, between.state());
    assertArrayEquals(alone, between.figure().orElseThrow(), 1e-6f);
  }

  @Test
  void whatRunsOutOfItsSquareIsDoubtful() {
    assertEquals(State.DOUBTFUL, fill(40, 50, 44, 84, INK).ink().state());
    assertEquals(State.DOUBTFUL, new InkTest().fill(0, 40, 30, 44, INK).stroke(40).ink().state());
  }

  @Test
  void aDotAndManyPiecesAreNoFigure() {
    assertEquals(State.DOUBTFUL, fill(38, 38, 46, 46, INK).ink().state());
    InkTest pieces = new InkTest();
    for (int x = 24; x < 60; x += 9) {
      pieces.fill(x, 30, x + 4, 54, INK);
    }
    assertEquals(State.DOUBTFUL, pieces.ink().state());
  }

  /** A pale bar makes a 7 of a figure that would be a 1 without it. */
  @Test
  void aPaleStrokeBesideADarkOneIsDoubtful() {
    for (int tone : new int[] {50, 60, 70}) {
      InkTest seven = new InkTest().stroke(50).fill(26, 25, 48, 29, tone);
      assertEquals(State.DOUBTFUL, seven.ink().state(), () -> "a bar of " + tone);
    }
  }

  @Test
  void aPaleTraceIsFaint() {
    assertEquals(State.FAINT, fill(40, 25, 44, 62, 38).ink().state());
    assertEquals(State.BLANK, new InkTest().fill(40, 25, 44, 62, 15).ink().state());
  }

  @Test
  void noiseIsPaper() {
    Random random = new Random(5);
    for (int at = 0; at < dots.length; at++) {
      dots[at] = (byte) Math.max(0, Math.min(20, 6 + 4 * random.nextGaussian()));
    }
    assertEquals(State.BLANK, printed().ink().state());
  }

  /** Scribbles of any kind never make the reader fail, and are never blank. */
  @Test
  void scribblesAreNeverRead() {
    FigureReader reader = FigureReader.shipped();
    Granting granting = new Granting(Thresholds.shipped());
    Random random = new Random(6);
    for (int i = 0; i < 40; i++) {
      InkTest drawn = new InkTest();
      for (int line = 0; line < 7; line++) {
        int across = 18 + random.nextInt(30);
        drawn.fill(20, across, 64, across + 4, INK).fill(across, 20, across + 4, 64, INK);
      }
      Likelihoods seen = reader.read(new Window(drawn.dots));
      RowReading read =
          granting.grant(
              List.of(seen), List.of(new Expectation(Optional.of(seen.best() % 10), Set.of())));
      assertEquals(RowReading.Granted.ASK, read.granted());
    }
  }

  @Test
  void aPlainOneIsRead() {
    Likelihoods seen = FigureReader.shipped().read(new Window(printed().stroke(40).dots));
    assertEquals(1, seen.best());
    assertEquals(Doubt.NONE, seen.doubt());
  }
}
