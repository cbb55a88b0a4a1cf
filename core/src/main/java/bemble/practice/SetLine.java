package bemble.practice;

import bemble.ladder.Rung;
import bemble.number.Require;

/**
 * A line of a set: so many sums of a rung.
 *
 * @param rung the rung; one without a name for sums of a recipe alone
 * @param method the id of the method that they are worked by
 * @param count how many sums, 1 or more
 */
public record SetLine(Rung rung, String method, int count) {
  /** Refuses a line without sums. */
  public SetLine {
    Require.that(count >= 1, "count", count, "must be 1 or more");
  }

  /** The same line with so many sums. */
  public SetLine times(int sums) {
    return new SetLine(rung, method, sums);
  }
}
