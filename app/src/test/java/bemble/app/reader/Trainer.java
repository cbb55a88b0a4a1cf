package bemble.app.reader;

import static bemble.ink.FigureNet.CLASSES;
import static bemble.ink.FigureNet.FIRST;
import static bemble.ink.FigureNet.FLAT;
import static bemble.ink.FigureNet.HALF;
import static bemble.ink.FigureNet.HIDDEN;
import static bemble.ink.FigureNet.HIDDEN_AT;
import static bemble.ink.FigureNet.KERNEL;
import static bemble.ink.FigureNet.LAST_AT;
import static bemble.ink.FigureNet.SECOND;
import static bemble.ink.FigureNet.SECOND_AT;
import static bemble.ink.FigureNet.SEEN;

import bemble.ink.FigureNet;
import bemble.ink.FigureNet.Trace;
import java.util.Arrays;
import java.util.Random;

/** Trains a net, step by step after Adam; the same seed and squares give the same net. */
final class Trainer {
  private static final int TAPS = KERNEL * KERNEL;
  private static final int PATCH = FIRST * TAPS;

  /** In how many places of a row a kernel of the second layer is laid. */
  private static final int PLACES = HALF - KERNEL + 1;

  private static final double FORGET_MEAN = 0.9;
  private static final double FORGET_SQUARE = 0.999;

  private final FigureNet net;
  private final float[] gradient = new float[FigureNet.WEIGHTS];
  private final float[] mean = new float[FigureNet.WEIGHTS];
  private final float[] square = new float[FigureNet.WEIGHTS];
  private final Trace trace = new Trace();
  private final float[] last = new float[CLASSES];
  private final float[] hidden = new float[HIDDEN];
  private final float[] pooled = new float[FIRST * HALF * HALF];
  private final float[] patches = new float[HALF * HALF * PATCH];
  private final float[] blames = new float[HALF * HALF * PATCH];
  private int steps;
  private int count;

  Trainer(FigureNet net) {
    this.net = net;
  }

  /** Weights to begin with. */
  static float[] fresh(Random random) {
    float[] weights = new float[FigureNet.WEIGHTS];
    fill(weights, 0, FIRST * TAPS, TAPS, random);
    fill(weights, SECOND_AT, SECOND * PATCH, PATCH, random);
    fill(weights, HIDDEN_AT, HIDDEN * FLAT, FLAT, random);
    fill(weights, LAST_AT, CLASSES * HIDDEN, HIDDEN, random);
    return weights;
  }

  private static void fill(float[] weights, int at, int many, int inputs, Random random) {
    double size = Math.sqrt(2.0 / inputs);
    for (int i = 0; i < many; i++) {
      weights[at + i] = (float) (size * random.nextGaussian());
    }
  }

  /** Learns a picture; gives the loss. */
  double learn(float[] picture, int label) {
    net.run(picture, trace);
    double loss = lastLayer(label);
    hiddenLayer();
    layPatches();
    Arrays.fill(blames, 0);
    for (int at = 0; at < FLAT; at++) {
      if (trace.secondBest()[at] >= 0) {
        secondLayer(at);
      }
    }
    liftPatches();
    for (int at = 0; at < pooled.length; at++) {
      if (trace.firstBest()[at] >= 0 && pooled[at] != 0) {
        firstLayer(picture, at);
      }
    }
    count++;
    return loss;
  }

  private double lastLayer(int label) {
    double most = Double.NEGATIVE_INFINITY;
    for (float each : trace.last()) {
      most = Math.max(most, each);
    }
    double sum = 0;
    for (float each : trace.last()) {
      sum += Math.exp(each - most);
    }
    for (int each = 0; each < CLASSES; each++) {
      double share = Math.exp(trace.last()[each] - most) / sum;
      last[each] = (float) share - (each == label ? 1 : 0);
    }
    return Math.log(sum) + most - trace.last()[label];
  }

  private void hiddenLayer() {
    float[] weights = net.weights();
    add(1, last, 0, gradient, LAST_AT + CLASSES * HIDDEN, CLASSES);
    for (int each = 0; each < HIDDEN; each++) {
      float sum = 0;
      if (trace.hidden()[each] > 0) {
        add(trace.hidden()[each], last, 0, gradient, LAST_AT + each * CLASSES, CLASSES);
        for (int i = 0; i < CLASSES; i++) {
          sum += last[i] * weights[LAST_AT + each * CLASSES + i];
        }
      }
      hidden[each] = sum;
    }
    add(1, hidden, 0, gradient, HIDDEN_AT + HIDDEN * FLAT, HIDDEN);
  }

  /** Passes the blame of one value of the second layer back. The others of its four get none. */
  private void secondLayer(int at) {
    float[] weights = net.weights();
    add(trace.flat()[at], hidden, 0, gradient, HIDDEN_AT + at * HIDDEN, HIDDEN);
    float blame = dot(weights, HIDDEN_AT + at * HIDDEN);
    int kernel = at / (FLAT / SECOND);
    int corner = trace.secondBest()[at] - kernel * HALF * HALF;
    gradient[SECOND_AT + SECOND * PATCH + kernel] += blame;
    add(blame, patches, corner * PATCH, gradient, SECOND_AT + kernel * PATCH, PATCH);
    add(blame, weights, SECOND_AT + kernel * PATCH, blames, corner * PATCH, PATCH);
  }

  /** In four sums, which do not wait for one another. */
  private float dot(float[] weights, int at) {
    float one = 0;
    float two = 0;
    float three = 0;
    float four = 0;
    for (int i = 0; i < HIDDEN; i += 4) {
      one += hidden[i] * weights[at + i];
      two += hidden[i + 1] * weights[at + i + 1];
      three += hidden[i + 2] * weights[at + i + 2];
      four += hidden[i + 3] * weights[at + i + 3];
    }
    return one + two + three + four;
  }

  /** Lays out the patch under each kernel of the second layer, value by value. */
  private void layPatches() {
    for (int y = 0; y < PLACES; y++) {
      for (int x = 0; x < PLACES; x++) {
        int to = (y * HALF + x) * PATCH;
        for (int plane = 0; plane < FIRST; plane++) {
          for (int row = 0; row < KERNEL; row++) {
            int from = (plane * HALF + y + row) * HALF + x;
            for (int column = 0; column < KERNEL; column++) {
              patches[to++] = trace.pooled()[from + column];
            }
          }
        }
      }
    }
  }

  /** Adds the blame of the second layer up at the values of the first that it came from. */
  private void liftPatches() {
    Arrays.fill(pooled, 0);
    for (int y = 0; y < PLACES; y++) {
      for (int x = 0; x < PLACES; x++) {
        int at = (y * HALF + x) * PATCH;
        for (int plane = 0; plane < FIRST; plane++) {
          for (int row = 0; row < KERNEL; row++) {
            int to = (plane * HALF + y + row) * HALF + x;
            for (int column = 0; column < KERNEL; column++) {
              pooled[to + column] += blames[at++];
            }
          }
        }
      }
    }
  }

  private void firstLayer(float[] picture, int at) {
    int kernel = at / (HALF * HALF);
    int corner = trace.firstBest()[at] - kernel * SEEN * SEEN;
    gradient[FIRST * TAPS + kernel] += pooled[at];
    for (int row = 0; row < KERNEL; row++) {
      for (int column = 0; column < KERNEL; column++) {
        gradient[kernel * TAPS + row * KERNEL + column] +=
            pooled[at] * picture[corner + row * SEEN + column];
      }
    }
  }

  private static void add(float factor, float[] in, int from, float[] out, int to, int many) {
    for (int i = 0; i < many; i++) {
      out[to + i] += factor * in[from + i];
    }
  }

  /** Changes the weights by the gradients since the last step. */
  void step(double rate) {
    steps++;
    float mend = (float) (1 / (1 - Math.pow(FORGET_MEAN, steps)));
    float mendSquare = (float) (1 / (1 - Math.pow(FORGET_SQUARE, steps)));
    float[] weights = net.weights();
    float each = 1f / count;
    float old = (float) FORGET_MEAN;
    float oldSquare = (float) FORGET_SQUARE;
    float size = (float) rate;
    for (int i = 0; i < weights.length; i++) {
      float slope = gradient[i] * each;
      mean[i] = old * mean[i] + (1 - old) * slope;
      square[i] = oldSquare * square[i] + (1 - oldSquare) * slope * slope;
      float change = mean[i] * mend / ((float) Math.sqrt(square[i] * mendSquare) + 1e-8f);
      weights[i] -= size * (change + 1e-4f * weights[i]);
    }
    Arrays.fill(gradient, 0);
    count = 0;
  }
}
