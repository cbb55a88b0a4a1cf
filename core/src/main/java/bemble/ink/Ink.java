package bemble.ink;

import java.util.Arrays;
import java.util.Optional;

/**
 * The ink in a square, without the ink of the squares beside it.
 *
 * @param state how plain it is
 * @param figure as a net sees it, {@link #SEEN} by {@link #SEEN}, from 0 for paper to 1 for ink, of
 *     one size and with its weight in the middle; empty where nothing is written
 * @param longer the longer of its width and height, in dots; 0 where nothing is written
 */
public record Ink(State state, Optional<float[]> figure, int longer) {
  /** How plain the ink of a square is. */
  public enum State {
    BLANK,
    /** So pale that it may be the trace of a rubbed-out figure. */
    FAINT,
    PLAIN,
    /** In more pieces than a figure has, smaller than one, or with a rest outside the square. */
    DOUBTFUL
  }

  /** The side of a net's window, in dots. */
  public static final int SEEN = 28;

  /** The longer side of a figure in a net's window. */
  private static final double FIGURE = 20;

  /** Less dark than this is paper, whatever the pen. */
  private static final int PAPER = 26;

  /** Less dark than this may be a trace. */
  private static final int TRACE = 46;

  /** A dot belongs to a figure if it is so dark, as a share of the darkest. */
  private static final double PART = 0.42;

  /** Ink as pale as this may still belong to it: a pen that is pressed less in places. */
  private static final double PALE_PART = 0.2;

  private static final int PALE = 18;

  /** Pale ink within so many dots of the rest is its rim. */
  private static final int NEAR = 3;

  /** The number of its dots elsewhere that may be a stroke. */
  private static final int STROKE = 24;

  /** A piece with fewer dots is a speck. */
  private static final int SPECK = 14;

  /** The number of dots that may be darker than the darkness called darkest. */
  private static final int DARKEST = 20;

  /** The most pieces of a figure. */
  private static final int PIECES = 3;

  /** The longer side of a figure at the least, in dots. */
  private static final int LEAST = 18;

  /** The size of the largest small figure that may be a note of its writer, in dots. */
  private static final int SMALL = 27;

  /** The share of a piece that may lie outside its square. */
  private static final double OUTSIDE = 0.3;

  private static final Ink NOTHING = new Ink(State.BLANK, Optional.empty(), 0);

  /** The ink of a window whose printed lines are taken off. */
  public static Ink of(Window window) {
    int darkest = darkest(window);
    if (darkest < PAPER) {
      return NOTHING;
    }
    Pieces pieces = new Pieces(window, Math.max(PAPER * 0.7, darkest * PART));
    if (pieces.count == 0) {
      return pieces.doubtful ? new Ink(State.DOUBTFUL, Optional.empty(), 0) : NOTHING;
    }
    boolean small = pieces.longer() < LEAST;
    Pieces palest = new Pieces(window, Math.max(PALE, darkest * PALE_PART));
    State plain = State.PLAIN;
    if (pieces.doubtful || small || pieces.count > PIECES || palest.reachesBeyond(pieces)) {
      plain = State.DOUBTFUL;
    } else if (darkest < TRACE) {
      plain = State.FAINT;
    }
    return new Ink(plain, Optional.of(pieces.seen(darkest)), pieces.longer());
  }

  /** Whether it may be a small figure that helps its writer. */
  public boolean isSmall() {
    return longer < SMALL;
  }

  /** How dark the darkest dots within the square are, apart from a few. */
  private static int darkest(Window window) {
    int[] counts = new int[256];
    int from = Window.MARGIN + 3;
    int to = Window.MARGIN + Window.SQUARE - 3;
    for (int y = from; y < to; y++) {
      for (int x = from; x < to; x++) {
        counts[window.at(x, y)]++;
      }
    }
    int left = DARKEST;
    int darkest = 255;
    while (darkest > 0 && (left -= counts[darkest]) > 0) {
      darkest--;
    }
    return darkest;
  }

  /** The pieces of ink in a window that belong to its square. */
  private static final class Pieces {
    private final Window window;
    private final boolean[] own = new boolean[Window.SIDE * Window.SIDE];
    private final boolean[] dark = new boolean[Window.SIDE * Window.SIDE];
    private int count;
    private boolean doubtful;
    private int left = Window.SIDE;
    private int right = -1;
    private int top = Window.SIDE;
    private int bottom = -1;

    Pieces(Window window, double threshold) {
      this.window = window;
      for (int at = 0; at < dark.length; at++) {
        dark[at] = (window.dark()[at] & 0xFF) >= threshold;
      }
      for (int at = 0; at < dark.length; at++) {
        if (dark[at]) {
          take(piece(at));
        }
      }
    }

    /**
     * The dots of a piece, which are no longer marked as dark. Each comes after one that it
     * touches.
     */
    private int[] piece(int first) {
      int[] piece = new int[dark.length];
      int size = 0;
      piece[size++] = first;
      dark[first] = false;
      for (int next = 0; next < size; next++) {
        int x = piece[next] % Window.SIDE;
        int y = piece[next] / Window.SIDE;
        for (int down = Math.max(0, y - 1); down <= Math.min(Window.SIDE - 1, y + 1); down++) {
          for (int right = Math.max(0, x - 1); right <= Math.min(Window.SIDE - 1, x + 1); right++) {
            int at = down * Window.SIDE + right;
            if (dark[at]) {
              dark[at] = false;
              piece[size++] = at;
            }
          }
        }
      }
      return Arrays.copyOf(piece, size);
    }

    /** Decides which square a piece belongs to: this one, one beside it, or neither for sure. */
    private void take(int[] piece) {
      if (piece.length < SPECK) {
        return;
      }
      int inside = 0;
      double across = 0;
      double down = 0;
      boolean cut = false;
      for (int at : piece) {
        int x = at % Window.SIDE;
        int y = at / Window.SIDE;
        inside += isInside(x) && isInside(y) ? 1 : 0;
        across += x;
        down += y;
        cut |= x == 0 || y == 0 || x == Window.SIDE - 1 || y == Window.SIDE - 1;
      }
      boolean mine = isInside(across / piece.length) && isInside(down / piece.length);
      double outside = 1 - inside / (double) piece.length;
      if (mine) {
        doubtful |= cut || outside > OUTSIDE;
        count++;
        for (int at : piece) {
          own[at] = true;
          left = Math.min(left, at % Window.SIDE);
          right = Math.max(right, at % Window.SIDE);
          top = Math.min(top, at / Window.SIDE);
          bottom = Math.max(bottom, at / Window.SIDE);
        }
      } else {
        boolean beside = isInside(down / piece.length);
        doubtful |= outside < 1 - OUTSIDE || !beside && !cut;
      }
    }

    private static boolean isInside(double at) {
      return at >= Window.MARGIN && at < Window.MARGIN + Window.SQUARE;
    }

    /** Whether so much of it lies apart from darker pieces that it may be a stroke of its own. */
    boolean reachesBeyond(Pieces darker) {
      boolean[] near = spread(spread(darker.own, 1), Window.SIDE);
      int apart = 0;
      for (int at = 0; at < own.length; at++) {
        apart += own[at] && !near[at] ? 1 : 0;
      }
      return apart >= STROKE;
    }

    /** The dots with their neighbours in one direction. */
    private static boolean[] spread(boolean[] dots, int step) {
      boolean[] near = new boolean[dots.length];
      for (int at = 0; at < dots.length; at++) {
        if (dots[at]) {
          for (int by = -NEAR; by <= NEAR; by++) {
            int beside = at + by * step;
            if (beside >= 0 && beside < near.length) {
              near[beside] = true;
            }
          }
        }
      }
      return near;
    }

    int longer() {
      return Math.max(right - left + 1, bottom - top + 1);
    }

    /** The figure in one size, each dot the mean of those that it covers. */
    float[] seen(int darkest) {
      float[] ink = new float[Window.SIDE * Window.SIDE];
      double all = 0;
      double across = 0;
      double down = 0;
      for (int y = top; y <= bottom; y++) {
        for (int x = left; x <= right; x++) {
          int tone = nearOwn(x, y) ? window.at(x, y) : 0;
          ink[y * Window.SIDE + x] = tone;
          all += tone;
          across += (x + 0.5) * tone;
          down += (y + 0.5) * tone;
        }
      }
      return scaled(ink, across / all, down / all, Math.max(longer() / FIGURE, 0.6), darkest);
    }

    /** Whether a dot is of the square's ink or at its rim. */
    private boolean nearOwn(int x, int y) {
      int at = y * Window.SIDE + x;
      return own[at]
          || x > 0 && own[at - 1]
          || x < Window.SIDE - 1 && own[at + 1]
          || y > 0 && own[at - Window.SIDE]
          || y < Window.SIDE - 1 && own[at + Window.SIDE];
    }
  }

  private static float[] scaled(
      float[] ink, double middleX, double middleY, double scale, int darkest) {
    float[] seen = new float[SEEN * SEEN];
    int fine = Math.max(1, (int) Math.ceil(scale));
    for (int y = 0; y < SEEN; y++) {
      for (int x = 0; x < SEEN; x++) {
        double sum = 0;
        for (int row = 0; row < fine; row++) {
          for (int column = 0; column < fine; column++) {
            double right = middleX + (x + (column + 0.5) / fine - SEEN / 2.0) * scale;
            double below = middleY + (y + (row + 0.5) / fine - SEEN / 2.0) * scale;
            sum += between(ink, right, below);
          }
        }
        double share = sum / (fine * fine) / darkest;
        seen[y * SEEN + x] = (float) Math.max(0, Math.min(1, (share - 0.15) / 0.7));
      }
    }
    return seen;
  }

  private static double between(float[] ink, double x, double y) {
    int left = (int) Math.floor(x - 0.5);
    int top = (int) Math.floor(y - 0.5);
    if (left < 0 || top < 0 || left >= Window.SIDE - 1 || top >= Window.SIDE - 1) {
      return 0;
    }
    double right = x - 0.5 - left;
    double below = y - 0.5 - top;
    int at = top * Window.SIDE + left;
    return (ink[at] * (1 - right) + ink[at + 1] * right) * (1 - below)
        + (ink[at + Window.SIDE] * (1 - right) + ink[at + Window.SIDE + 1] * right) * below;
  }
}
