package bemble.ink;

import java.util.Arrays;

/**
 * The likelihoods of the things that may stand in a square, given its ink, as natural logarithms:
 * the figures 0 to 9, a spoilt square, a blank one. They are made without knowing the expected one.
 *
 * @param of one for each, in that order, 0 for certain
 * @param doubt the reason why nothing may be granted, however likely; {@link Doubt#NONE} if there
 *     is none
 */
public record Likelihoods(double[] of, Doubt doubt) {
  /** The place of a spoilt square. */
  public static final int SPOILT = FigureNet.SPOILT;

  /** The place of a blank square. */
  public static final int BLANK = 11;

  /** How many things may stand in a square. */
  static final int ALL = 12;

  /** The logarithm of a likelihood that counts as impossible. */
  static final double NEVER = -30;

  /** Refuses any other number of them. */
  public Likelihoods {
    if (of.length != ALL) {
      throw new IllegalArgumentException("there are " + ALL + " likelihoods");
    }
  }

  /** A square without ink. */
  static Likelihoods blank() {
    double[] of = new double[ALL];
    Arrays.fill(of, NEVER);
    of[BLANK] = 0;
    return new Likelihoods(of, Doubt.NONE);
  }

  /** The likeliest figure. */
  public int best() {
    int best = 0;
    for (int each = 1; each < ALL; each++) {
      best = of[each] > of[best] ? each : best;
    }
    return best;
  }

  /** How much likelier one class is than another, as a difference of logarithms. */
  public double ahead(int thing, int other) {
    return of[thing] - of[other];
  }
}
