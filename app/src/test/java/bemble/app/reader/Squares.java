package bemble.app.reader;

import bemble.app.scan.standin.StandInHand;
import bemble.app.scan.standin.WritingHand;
import bemble.ink.FigureNet;
import bemble.ink.Window;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import java.util.Random;

/** Squares with a figure in them, or a spoilt one, as they may come out of a camera. */
final class Squares {
  /** The window of a square and its label: a figure, or {@link FigureNet#SPOILT}. */
  record Labelled(int label, Window window) {}

  private static final int SIDE = Window.SIDE;

  /** The shares of figures that come from the set and from fonts; the others are by strokes. */
  private static final double FROM_SET = 0.5;

  private static final double FROM_FONTS = 0.25;

  private static final double SPOILT = 0.15;
  private static final double NEIGHBOUR = 0.55;
  private static final double RUBBED_OUT = 0.06;
  private static final double COPIED = 0.08;

  /** Noise that is made once. */
  private static final float[] NOISE = new float[1 << 16];

  static {
    Random random = new Random(1);
    for (int i = 0; i < NOISE.length; i++) {
      NOISE[i] = (float) random.nextGaussian();
    }
  }

  private final FigureSet set;
  private final List<Font> fonts;
  private final Random random;
  private final float[] spread = new float[SIDE * SIDE];

  Squares(FigureSet set, List<Font> fonts, long seed) {
    this.set = set;
    this.fonts = fonts;
    this.random = new Random(seed);
  }

  Labelled next() {
    int figure = random.nextInt(10);
    if (random.nextDouble() < SPOILT) {
      return new Labelled(FigureNet.SPOILT, spoilt(figure));
    }
    return new Labelled(figure, clean(figure));
  }

  Window clean(int figure) {
    float[] ink = new float[SIDE * SIDE];
    write(ink, figure, 0, 0);
    return seen(ink);
  }

  /**
   * A square that nobody can read for sure: its figure is written over, crossed out or scribbled.
   */
  Window spoilt(int figure) {
    float[] ink = new float[SIDE * SIDE];
    write(ink, figure, 0, 0);
    int kind = random.nextInt(10);
    if (kind < 4) {
      int other = (figure + 1 + random.nextInt(9)) % 10;
      write(ink, other, aside(), random.nextInt(17) - 8);
    } else {
      BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
      Graphics2D pen = pen(image);
      pen.setStroke(new BasicStroke(2 + 4 * random.nextFloat(), 1, 1));
      if (kind < 7) {
        cross(pen);
      } else {
        scribble(pen, 4 + random.nextInt(9));
      }
      pen.dispose();
      add(ink, image, 1);
    }
    return seen(ink);
  }

  /** How far a figure is moved aside: two figures must not be taken for one. */
  private int aside() {
    int far = 7 + random.nextInt(9);
    return random.nextBoolean() ? far : -far;
  }

  private void cross(Graphics2D pen) {
    int lines = 1 + random.nextInt(3);
    boolean falling = random.nextBoolean();
    for (int line = 0; line < lines; line++) {
      int high = 12 + random.nextInt(26);
      int low = 46 + random.nextInt(26);
      boolean level = random.nextInt(3) == 0;
      int middle = 30 + random.nextInt(24);
      pen.drawLine(
          8 + random.nextInt(14),
          level ? middle : falling ? high : low,
          62 + random.nextInt(14),
          level ? middle + random.nextInt(7) - 3 : falling ? low : high);
      falling ^= random.nextInt(3) > 0;
    }
  }

  private void scribble(Graphics2D pen, int lines) {
    int x = 16 + random.nextInt(52);
    int y = 16 + random.nextInt(52);
    for (int line = 0; line < lines; line++) {
      int toX = 16 + random.nextInt(52);
      int toY = 16 + random.nextInt(52);
      pen.drawLine(x, y, toX, toY);
      x = toX;
      y = toY;
    }
  }

  private static Graphics2D pen(BufferedImage image) {
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    pen.setColor(Color.WHITE);
    return pen;
  }

  private static void add(float[] ink, BufferedImage image, double factor) {
    byte[] dots = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    for (int i = 0; i < dots.length; i++) {
      ink[i] = Math.max(ink[i], (float) ((dots[i] & 0xFF) / 255.0 * factor));
    }
  }

  /** Writes a figure of any hand, so far from where it belongs. */
  private void write(float[] ink, int figure, int right, int down) {
    double source = random.nextDouble();
    if (source < FROM_SET) {
      fromSet(ink, figure, right, down);
    } else if (source < FROM_SET + FROM_FONTS) {
      Font font = fonts.get(random.nextInt(fonts.size()));
      byHand(ink, new FontHand(font, random.nextLong()), figure, right, down);
    } else {
      byHand(ink, new StandInHand(random.nextLong()), figure, right, down);
    }
  }

  private void byHand(float[] ink, WritingHand hand, int figure, int right, int down) {
    BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D pen = pen(image);
    pen.fillRect(0, 0, SIDE, SIDE);
    double side = random.nextBoolean() ? 10 : 7;
    double dots = Window.SQUARE / side;
    pen.translate(Window.MARGIN + right, Window.MARGIN + down);
    pen.scale(dots, dots);
    hand.write(pen, (char) ('0' + figure), 0, 0, side);
    pen.dispose();
    byte[] tones = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    for (int i = 0; i < tones.length; i++) {
      tones[i] = (byte) (255 - (tones[i] & 0xFF));
    }
    add(ink, image, 1.1);
  }

  private void fromSet(float[] ink, int figure, int right, int down) {
    byte[] source = set.any(figure, random);
    double high = Window.SQUARE * (0.5 + 0.4 * random.nextDouble()) / 20;
    double wide = high * (0.75 + 0.4 * random.nextDouble());
    double slant = 0.2 * random.nextGaussian();
    double turn = 0.1 * random.nextGaussian();
    double middleX = SIDE / 2.0 + right + 3 * random.nextGaussian();
    double middleY = SIDE / 2.0 + down + 3 * random.nextGaussian();
    double sharp = 1 + 2.5 * random.nextDouble();
    double thin = 0.2 + 0.4 * random.nextDouble();
    double reach = 15 * high;
    int top = (int) Math.max(0, middleY - reach);
    int bottom = (int) Math.min(SIDE, middleY + reach);
    int left = (int) Math.max(0, middleX - reach);
    int rightmost = (int) Math.min(SIDE, middleX + reach);
    double sine = Math.sin(turn);
    double cosine = Math.cos(turn);
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < rightmost; x++) {
        double across = (x - middleX) * cosine + (y - middleY) * sine;
        double along = ((y - middleY) * cosine - (x - middleX) * sine) / high;
        double grey = between(source, across / wide + slant * along + 14, along + 14) / 255;
        if (grey > 0) {
          double tone = Math.max(0, Math.min(1, (grey - thin) * sharp + 0.5));
          ink[y * SIDE + x] = Math.max(ink[y * SIDE + x], (float) tone);
        }
      }
    }
  }

  private static double between(byte[] source, double x, double y) {
    int left = (int) Math.floor(x - 0.5);
    int top = (int) Math.floor(y - 0.5);
    int last = FigureSet.SIDE - 1;
    if (left < 0 || top < 0 || left >= last || top >= last) {
      return 0;
    }
    double right = x - 0.5 - left;
    double below = y - 0.5 - top;
    int at = top * FigureSet.SIDE + left;
    int under = at + FigureSet.SIDE;
    return ((source[at] & 0xFF) * (1 - right) + (source[at + 1] & 0xFF) * right) * (1 - below)
        + ((source[under] & 0xFF) * (1 - right) + (source[under + 1] & 0xFF) * right) * below;
  }

  /** The window of some ink: with its neighbours and its box, paler, blurred and noisy. */
  private Window seen(float[] ink) {
    for (int beside : new int[] {-Window.SQUARE, Window.SQUARE}) {
      if (random.nextDouble() < NEIGHBOUR) {
        write(ink, random.nextInt(10), beside, random.nextInt(7) - 3);
      }
    }
    float dark = (float) (0.4 + 0.6 * random.nextDouble());
    for (int i = 0; i < ink.length; i++) {
      ink[i] *= dark;
    }
    if (random.nextDouble() < RUBBED_OUT) {
      trace(ink);
    }
    box(ink, (float) (0.05 + 0.3 * random.nextDouble()));
    int blur = random.nextInt(3);
    for (int pass = 0; pass < blur; pass++) {
      blur(ink, 1, SIDE);
      blur(ink, SIDE, 1);
    }
    if (random.nextDouble() < COPIED) {
      copy(ink, dark);
    }
    float noise = (float) (0.025 * random.nextDouble());
    int from = random.nextInt(NOISE.length);
    byte[] out = new byte[SIDE * SIDE];
    for (int i = 0; i < out.length; i++) {
      float value = ink[i] + noise * NOISE[(from + i) & (NOISE.length - 1)] + 0.01f;
      out[i] = (byte) Math.max(0, Math.min(255, Math.round(255 * value)));
    }
    return new Window(out);
  }

  /** Leaves faint remains of a figure, as rubbing out does. */
  private void trace(float[] ink) {
    float[] before = new float[ink.length];
    write(before, random.nextInt(10), random.nextInt(9) - 4, random.nextInt(9) - 4);
    float left = (float) (0.03 + 0.08 * random.nextDouble());
    for (int i = 0; i < ink.length; i++) {
      ink[i] = Math.max(ink[i], left * before[i]);
    }
  }

  /** Makes the window black and white, as some copiers do. */
  private void copy(float[] ink, float dark) {
    float threshold = (float) (dark * (0.3 + 0.25 * random.nextDouble()));
    for (int i = 0; i < ink.length; i++) {
      ink[i] = ink[i] > threshold ? 1 : 0;
    }
  }

  /** The printed lines: those of the paper, and inside them the box for a figure. */
  private void box(float[] ink, float pale) {
    int off = random.nextInt(3) - 1;
    int wide = 1 + random.nextInt(2);
    int inset = 3 + random.nextInt(2);
    for (int line : new int[] {0, Window.SQUARE}) {
      lines(ink, Window.MARGIN + off + line, wide, pale * 0.6f);
    }
    for (int line : new int[] {inset, Window.SQUARE - inset}) {
      lines(ink, Window.MARGIN + off + line, wide, pale);
    }
  }

  private static void lines(float[] ink, int from, int wide, float pale) {
    for (int line = from; line < from + wide; line++) {
      for (int i = 0; i < SIDE; i++) {
        ink[line * SIDE + i] = Math.max(ink[line * SIDE + i], pale);
        ink[i * SIDE + line] = Math.max(ink[i * SIDE + line], pale);
      }
    }
  }

  /** Each dot the mean of itself and its two neighbours in one direction. */
  private void blur(float[] ink, int step, int along) {
    System.arraycopy(ink, 0, spread, 0, ink.length);
    for (int line = 0; line < SIDE; line++) {
      for (int i = 1; i < SIDE - 1; i++) {
        int at = line * along + i * step;
        ink[at] = (spread[at - step] + spread[at] + spread[at + step]) / 3;
      }
    }
  }
}
