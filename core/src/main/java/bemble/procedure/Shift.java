package bemble.procedure;

/** The kinds of shifts; a hand with another count than the usual one makes a slip. */
public enum Shift {
  /** How far to the left of its places a number is set out, usually 0; by its highest place. */
  SET_OUT_LEFT,
  /** How far to the left of its places a quotient stands, usually 0; by its highest place. */
  QUOTIENT_LEFT,
  /** How many places the end of a row is held, usually as many as its figure's place. */
  PLACES_HELD,
  /**
   * After the figure of which place of an answer its point stands, usually 0. Of a root it is asked
   * by the last pair of the radicand, of a sum or a difference by the lowest place.
   */
  POINT_AFTER
}
