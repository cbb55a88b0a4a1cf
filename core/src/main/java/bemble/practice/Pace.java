package bemble.practice;

import java.util.List;

/**
 * How long a class takes beside a practised hand.
 *
 * @param times how many times as long it takes, above 0
 * @param sums how many sums this was measured from; 0 where it is an estimate
 */
public record Pace(double times, int sums) {
  /** A pupil takes four times as long as a practised hand: own estimate, until it is measured. */
  public static final Pace ESTIMATE = new Pace(4, 0);

  /** Fewer sums say more of their writers than of the class. */
  private static final int LEAST = 8;

  /**
   * A sum that was worked.
   *
   * @param estimated the seconds of a practised hand, above 0
   * @param taken the seconds that it took
   */
  public record Timed(double estimated, double taken) {
    double times() {
      return taken / estimated;
    }
  }

  /**
   * The pace of some sums: the middle one of theirs, so that nobody who went to lunch in the middle
   * of a sum counts; the estimate where they are too few.
   */
  public static Pace of(List<Timed> sums) {
    List<Double> times = sums.stream().map(Timed::times).filter(each -> each > 0).sorted().toList();
    return times.size() < LEAST ? ESTIMATE : new Pace(times.get(times.size() / 2), times.size());
  }

  /**
   * The seconds that the class needs for the work that a practised hand does in {@code practised}.
   */
  public double seconds(double practised) {
    return times * practised;
  }
}
