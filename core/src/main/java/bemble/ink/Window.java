package bemble.ink;

import java.util.Arrays;

/**
 * A square of a sheet with a part of its surroundings: 84 by 84 dots, row by row from the upper
 * left, of which the square itself is the 60 by 60 in the middle.
 *
 * @param dark 0 for paper to 255 for black, unsigned
 */
public record Window(byte[] dark) {
  /** Dots along a side. */
  public static final int SIDE = 84;

  /** Dots along a side of the square. */
  public static final int SQUARE = 60;

  /** Dots from the edge of the window to the square. */
  public static final int MARGIN = (SIDE - SQUARE) / 2;

  /** How far outside and inside its edge a square may have printed lines, in dots. */
  private static final int OUTSIDE = 6;

  private static final int INSIDE = 6;

  /** How far the round corners of a printed box lie inside its lines. */
  private static final int ROUND = 3;

  private static final int SIDES = 4;

  /** A printed line may be so much darker than the one opposite, as a factor and by tones. */
  private static final double DARKER = 1.4;

  private static final int TONES = 8;

  /** A line runs on if this share of it is dark: as dark as {@link #AS_DARK} of its print. */
  private static final double MOST_OF_IT = 0.9;

  private static final double AS_DARK = 0.6;

  /** Refuses any other number of dots. */
  public Window {
    if (dark.length != SIDE * SIDE) {
      throw new IllegalArgumentException("a window has " + SIDE * SIDE + " dots");
    }
  }

  /** How dark a dot is, 0 to 255. */
  public int at(int x, int y) {
    return dark[y * SIDE + x] & 0xFF;
  }

  /**
   * The window without the printed lines of its square. The darkness of half of a line's dots is
   * taken for its print, however pale it came out, so that ink that crosses it stays. All sides are
   * printed alike: a long stroke along one of them is darker than the others are, unless it runs on
   * through the squares beside it, as printed rules do. The corners are left out.
   */
  public Window withoutLines() {
    int[] printed = new int[SIDES * (INSIDE + OUTSIDE + 1)];
    int[] darkest = new int[SIDES];
    for (int i = 0; i < printed.length; i++) {
      printed[i] = median(i);
      darkest[i % SIDES] = Math.max(darkest[i % SIDES], printed[i]);
    }
    Arrays.sort(darkest);
    int most = (int) (darkest[2] * DARKER) + TONES;
    byte[] ink = dark.clone();
    for (int i = 0; i < printed.length; i++) {
      int print = printed[i] <= most || runsOn(i, printed[i]) ? printed[i] : most;
      for (int dot = 0; dot < SIDE; dot++) {
        int at = on(i, dot);
        ink[at] = (byte) Math.max(0, (ink[at] & 0xFF) - print);
      }
    }
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        if (isNearEdge(x) && isNearEdge(y)) {
          ink[y * SIDE + x] = 0;
        }
      }
    }
    return new Window(ink);
  }

  private static boolean isNearEdge(int at) {
    int out = Math.min(Math.abs(at - MARGIN), Math.abs(at - (MARGIN + SQUARE - 1)));
    boolean inside = at > MARGIN && at < MARGIN + SQUARE - 1;
    return out <= (inside ? INSIDE + ROUND : OUTSIDE);
  }

  /** Whether a line fills the square and goes on beyond it, to both sides or as it ends there. */
  private boolean runsOn(int line, int printed) {
    boolean before = share(line, printed, 0, MARGIN) > MOST_OF_IT;
    boolean behind = share(line, printed, SIDE - MARGIN, SIDE) > MOST_OF_IT;
    return (before || behind) && share(line, printed, MARGIN, SIDE - MARGIN) > MOST_OF_IT;
  }

  /** The share of its dots that are about as dark as its print. */
  private double share(int line, int printed, int from, int to) {
    int dark = 0;
    for (int dot = from; dot < to; dot++) {
      dark += dotOf(line, dot) >= printed * AS_DARK ? 1 : 0;
    }
    return dark / (double) (to - from);
  }

  private int median(int line) {
    int[] dots = new int[SIDE];
    for (int dot = 0; dot < SIDE; dot++) {
      dots[dot] = dotOf(line, dot);
    }
    Arrays.sort(dots);
    return dots[SIDE / 2];
  }

  private int dotOf(int line, int dot) {
    return dark[on(line, dot)] & 0xFF;
  }

  /** The place of a dot of a line: four lines lie alike, at the left, above, right and below. */
  private static int on(int line, int dot) {
    int inside = line / SIDES - OUTSIDE;
    int place = line % SIDES < 2 ? MARGIN + inside : MARGIN + SQUARE - 1 - inside;
    return line % 2 == 0 ? dot * SIDE + place : place * SIDE + dot;
  }
}
