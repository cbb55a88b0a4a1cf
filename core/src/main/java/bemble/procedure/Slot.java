package bemble.procedure;

import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;

/**
 * The place and purpose of a value to be written.
 *
 * @param role the purpose of the value
 * @param place the power of ten that its ones figure counts
 * @param square the square of its ones figure; further figures go to the left of it
 * @param spot where in the square; at any spot but {@link Spot#FULL} all figures share it
 * @param turn which of the values that stand there one after another, the earlier ones struck; from
 *     0
 */
public record Slot(Role role, int place, Square square, Spot spot, int turn) {
  /** A slot for the first value, or the only one, that stands there. */
  public Slot(Role role, int place, Square square, Spot spot) {
    this(role, place, square, spot, 0);
  }

  /** A slot for figures of full size. */
  public static Slot full(Role role, int place, Square square) {
    return new Slot(role, place, square, Spot.FULL);
  }

  /** A slot for a small number, written whole in the middle of a square. */
  public static Slot small(Role role, int place, Square square) {
    return new Slot(role, place, square, Spot.SMALL);
  }
}
