package bemble.ink;

import java.nio.ByteBuffer;
import java.util.Arrays;

/**
 * A small net of two convolutions and two full layers: it weighs which of the figures 0 to 9 a
 * picture shows, or whether it is spoilt.
 *
 * <p>Its weights stand in order: for each layer the factors, kernel by kernel or input by input,
 * and then what is added.
 */
public final class FigureNet {
  /** The number of classes: ten figures, and the class of windows without a figure. */
  public static final int CLASSES = 11;

  /** The class of windows that are crossed out, written over, or no figure. */
  public static final int SPOILT = 10;

  /** Kernels of the first and the second layer, and their side. */
  public static final int FIRST = 12;

  public static final int SECOND = 24;
  public static final int KERNEL = 5;

  /** The size of the layer before the last. */
  public static final int HIDDEN = 96;

  /** The sides of the layers' inputs and outputs. */
  public static final int SEEN = Ink.SEEN;

  public static final int HALF = 12;
  public static final int QUARTER = 4;
  public static final int FLAT = SECOND * QUARTER * QUARTER;

  /** Where the weights of the later layers begin. */
  public static final int SECOND_AT = FIRST * KERNEL * KERNEL + FIRST;

  public static final int HIDDEN_AT = SECOND_AT + SECOND * FIRST * KERNEL * KERNEL + SECOND;
  public static final int LAST_AT = HIDDEN_AT + HIDDEN * FLAT + HIDDEN;

  /** How many weights it has. */
  public static final int WEIGHTS = LAST_AT + CLASSES * HIDDEN + CLASSES;

  private final float[] weights;

  /** A net with some weights, which are not copied, so that a trainer may change them. */
  public FigureNet(float[] weights) {
    if (weights.length != WEIGHTS) {
      throw new IllegalArgumentException("a net has " + WEIGHTS + " weights");
    }
    this.weights = weights;
  }

  /** A net as it is stored: four bytes a weight, the highest first. */
  public static FigureNet of(byte[] stored) {
    float[] weights = new float[stored.length / Float.BYTES];
    ByteBuffer.wrap(stored).asFloatBuffer().get(weights);
    return new FigureNet(weights);
  }

  /**
   * The outputs of the layers for a picture. Planes keep the stride of the layer's input, so that a
   * kernel is laid over a whole plane in one run; the last columns of each row mean nothing.
   *
   * @param firstBest for each pooled value where it comes from, or −1 if it is nought
   */
  public record Trace(
      float[] plane,
      float[] pooled,
      int[] firstBest,
      float[] secondPlane,
      float[] flat,
      int[] secondBest,
      float[] hidden,
      float[] last) {
    /** Room for one picture. */
    public Trace() {
      this(
          new float[FIRST * SEEN * SEEN],
          new float[FIRST * HALF * HALF],
          new int[FIRST * HALF * HALF],
          new float[SECOND * HALF * HALF],
          new float[FLAT],
          new int[FLAT],
          new float[HIDDEN],
          new float[CLASSES]);
    }
  }

  /** The weight of each class before they are compared. */
  float[] weigh(float[] picture) {
    Trace trace = new Trace();
    run(picture, trace);
    return trace.last;
  }

  /** Runs all layers over a picture of {@link #SEEN} by {@link #SEEN}. */
  public void run(float[] picture, Trace trace) {
    convolve(picture, 1, SEEN, 0, trace.plane);
    pool(trace.plane, SEEN, trace.pooled, trace.firstBest);
    convolve(trace.pooled, FIRST, HALF, SECOND_AT, trace.secondPlane);
    pool(trace.secondPlane, HALF, trace.flat, trace.secondBest);
    full(trace.flat, HIDDEN_AT, trace.hidden);
    for (int i = 0; i < HIDDEN; i++) {
      trace.hidden[i] = Math.max(0, trace.hidden[i]);
    }
    full(trace.hidden, LAST_AT, trace.last);
  }

  private void convolve(float[] in, int depth, int side, int at, float[] out) {
    int plane = side * side;
    int count = out.length / plane;
    int kernel = at;
    int added = at + count * depth * KERNEL * KERNEL;
    int run = (side - KERNEL) * side + side - KERNEL + 1;
    for (int each = 0; each < count; each++) {
      int to = each * plane;
      Arrays.fill(out, to, to + run, weights[added + each]);
      for (int layer = 0; layer < depth; layer++) {
        for (int row = 0; row < KERNEL; row++) {
          addRow(kernel, in, layer * plane + row * side, out, to, run);
          kernel += KERNEL;
        }
      }
    }
  }

  /** Lays a row of a kernel over a whole plane. */
  private void addRow(int kernel, float[] in, int from, float[] out, int to, int run) {
    float one = weights[kernel];
    float two = weights[kernel + 1];
    float three = weights[kernel + 2];
    float four = weights[kernel + 3];
    float five = weights[kernel + 4];
    for (int i = 0; i < run; i++) {
      int at = from + i;
      out[to + i] +=
          one * in[at]
              + two * in[at + 1]
              + three * in[at + 2]
              + four * in[at + 3]
              + five * in[at + 4];
    }
  }

  /** The highest of each four, and nothing below nought. */
  private static void pool(float[] in, int side, float[] out, int[] best) {
    int half = (side - KERNEL + 1) / 2;
    int to = 0;
    for (int each = 0; each < in.length / (side * side); each++) {
      for (int y = 0; y < half; y++) {
        for (int x = 0; x < half; x++) {
          int at = each * side * side + 2 * y * side + 2 * x;
          int high = at;
          high = in[at + 1] > in[high] ? at + 1 : high;
          high = in[at + side] > in[high] ? at + side : high;
          high = in[at + side + 1] > in[high] ? at + side + 1 : high;
          out[to] = Math.max(0, in[high]);
          best[to++] = in[high] > 0 ? high : -1;
        }
      }
    }
  }

  private void full(float[] in, int at, float[] out) {
    System.arraycopy(weights, at + out.length * in.length, out, 0, out.length);
    for (int i = 0; i < in.length; i++) {
      if (in[i] != 0) {
        for (int each = 0; each < out.length; each++) {
          out[each] += in[i] * weights[at + i * out.length + each];
        }
      }
    }
  }

  /** Its weights, for a trainer to change. */
  public float[] weights() {
    return weights;
  }
}
