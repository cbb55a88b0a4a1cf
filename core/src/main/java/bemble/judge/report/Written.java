package bemble.judge.report;

import bemble.paper.Spot;
import bemble.paper.Square;

/**
 * A mark on a page that somebody wrote.
 *
 * @param at its square
 * @param spot {@link Spot#FULL} for a figure of full size; otherwise it is a small figure, or a
 *     number of several figures where the method writes whole numbers into a square
 * @param text the text of the mark
 */
public record Written(Square at, Spot spot, String text) {
  /** Whether it is a decimal mark, which stands on the line to the right of its square. */
  public boolean isPoint() {
    return text.equals(".") || text.equals(",");
  }

  /** Whether it is of full size. */
  public boolean isFull() {
    return spot == Spot.FULL;
  }

  /** Whether it is nothing but figures. */
  public boolean isNumber() {
    return !text.isEmpty() && text.chars().allMatch(Character::isDigit);
  }
}
