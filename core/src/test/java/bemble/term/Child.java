package bemble.term;

import java.util.Arrays;
import java.util.Random;

/** A simulated pupil: past practice, wrong rules, and a share of careless answers. */
final class Child {
  private static final double YOUNGEST = 0.4;
  private static final int MOST = 160;
  private static final double HAD = 0.8;
  private static final double SURE = 0.9;

  private final Mind mind;
  private final Random random;
  private final double ability;
  private final double rate;
  private final double careless;
  private final double[] threshold = new double[Rungs.COUNT];
  private final double[][] days = new double[Rungs.COUNT][];
  private final double[][] weights = new double[Rungs.COUNT][];
  private final double[][] decays = new double[Rungs.COUNT][];
  private final int[] count = new int[Rungs.COUNT];
  private final double[] effortOn = new double[Rungs.COUNT];
  private final double[] effort = new double[Rungs.COUNT];
  private final double[] before = new double[Rungs.COUNT];
  private final boolean[] slips = new boolean[Rungs.COUNT];
  private final boolean[] slipped = new boolean[Rungs.COUNT];

  Child(Mind mind, double ability, double rate, double careless, Random random) {
    this.mind = mind;
    this.ability = ability;
    this.rate = rate;
    this.careless = careless;
    this.random = random;
    Arrays.fill(effortOn, Double.NaN);
    for (int rung = 0; rung < Rungs.COUNT; rung++) {
      threshold[rung] =
          mind.threshold()
              + mind.harder() * Rungs.hardness(rung)
              - ability
              + 0.12 * random.nextGaussian();
    }
  }

  private double sum(int rung, double day) {
    double sum = 0;
    for (int i = 0; i < count[rung]; i++) {
      double age = Math.max(YOUNGEST, day - days[rung][i]);
      sum += weights[rung][i] * Math.pow(age, -decays[rung][i]);
    }
    return sum;
  }

  private double recall(int rung, double sum) {
    return sum <= 0 ? 0 : 1 / (1 + Math.exp((threshold[rung] - Math.log(sum)) / mind.noise()));
  }

  /** How well the rung itself is known on a day. */
  double knows(int rung, double day) {
    return recall(rung, sum(rung, day));
  }

  private double ready(int rung, double day, double least) {
    double ready = 1;
    for (int need : Rungs.needs(rung)) {
      ready *= least + (1 - least) * knows(need, day);
    }
    return ready;
  }

  /** The chance of a right answer that is neither careless nor spoilt by a wrong rule. */
  double strength(int rung, double day) {
    return knows(rung, day) * ready(rung, day, 0.6);
  }

  /** Whether the pupil has the rung on a day: right four times of five when careful. */
  boolean has(int rung, double day) {
    return !slips[rung] && strength(rung, day) >= HAD;
  }

  /** Whether the pupil is sure of the rung: right nine times of ten when careful. */
  boolean isSure(int rung, double day) {
    return !slips[rung]
        && strength(rung, day) >= Double.parseDouble(System.getProperty("truth", "0.9"));
  }

  boolean slips(int rung) {
    return slips[rung];
  }

  double ability() {
    return ability;
  }

  /** The results of a sum. */
  enum Came {
    RIGHT,
    WRONG,
    SLIP
  }

  Came answer(int rung, double day) {
    if (slips[rung] && random.nextDouble() < mind.made()) {
      return Came.SLIP;
    }
    return random.nextDouble() < strength(rung, day) * (1 - careless) ? Came.RIGHT : Came.WRONG;
  }

  /** The strength on a later day if so many sums were practised now. */
  double after(int rung, int sums, boolean taught, double day, double later) {
    double now = sum(rung, day);
    double weight = weight(rung, sums, taught, day, now);
    double decay = mind.scale() * now + mind.least();
    double then = sum(rung, later) + weight * Math.pow(later - day, -decay);
    return recall(rung, then) * ready(rung, later, 0.6);
  }

  private double weight(int rung, double sums, boolean taught, double day, double sum) {
    double help = taught ? 1 : mind.alone() + (1 - mind.alone()) * recall(rung, sum);
    return rate * (1 - Math.pow(1 - mind.effort(), sums)) * help * ready(rung, day, 0.3);
  }

  /** Has so many sums on a day, after a lesson on the rung or without one; more may follow. */
  void practise(int rung, double sums, boolean taught, double day) {
    if (effortOn[rung] != day) {
      effortOn[rung] = day;
      effort[rung] = 0;
      before[rung] = sum(rung, day);
    }
    effort[rung] += sums;
    double weight = weight(rung, effort[rung], taught, day, before[rung]);
    note(rung, day, weight, mind.scale() * before[rung] + mind.least());
    for (int need : Rungs.needs(rung)) {
      if (mind.rehearsal() > 0 && count[need] > 0 && effortOn[need] != day) {
        double needed = sum(need, day);
        note(need, day, mind.rehearsal() * weight, mind.scale() * needed + mind.least());
      }
    }
  }

  /** A new rung may bring a wrong rule along; a lesson on it may end one. */
  void meets(int rung, double day) {
    if (count[rung] == 0 && random.nextDouble() < mind.catches() * (1.3 - ready(rung, day, 0))) {
      slips[rung] = true;
      slipped[rung] = true;
    } else if (slips[rung] && random.nextDouble() < mind.lets()) {
      slips[rung] = false;
    }
  }

  private void note(int rung, double day, double weight, double decay) {
    if (days[rung] == null) {
      days[rung] = new double[MOST];
      weights[rung] = new double[MOST];
      decays[rung] = new double[MOST];
    }
    if (count[rung] > 0 && days[rung][count[rung] - 1] == day) {
      count[rung]--;
    }
    if (count[rung] < MOST) {
      days[rung][count[rung]] = day;
      weights[rung][count[rung]] = weight;
      decays[rung][count[rung]] = decay;
      count[rung]++;
    }
  }

  /** A lesson against the wrong rule. */
  void untaught(int rung) {
    if (slips[rung] && random.nextDouble() < mind.cured()) {
      slips[rung] = false;
    }
  }

  /** Wrong rules that have ended come back now and then. */
  void weekGoesBy() {
    for (int rung = 0; rung < Rungs.COUNT; rung++) {
      if (slipped[rung] && !slips[rung] && random.nextDouble() < mind.returns()) {
        slips[rung] = true;
      }
    }
  }
}
