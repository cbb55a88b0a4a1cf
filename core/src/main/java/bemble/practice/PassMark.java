package bemble.practice;

import bemble.number.Require;

/**
 * When a run is passed.
 *
 * @param right how many sums must be right, 1 to 200
 * @param inARow whether they must be right one after the other
 */
public record PassMark(int right, boolean inARow) {
  private static final int MOST = 200;

  /** Refuses a pass mark below 1. */
  public PassMark {
    Require.that(right >= 1 && right <= MOST, "right", right, "must be 1 to 200");
  }
}
