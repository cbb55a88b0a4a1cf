package bemble.paper;

/** The positions of writing within a square. */
public enum Spot {
  /** A figure of full size. */
  FULL,
  /** A small figure in the middle, in a row kept for small figures. */
  SMALL,
  UPPER_LEFT,
  UPPER_RIGHT,
  LOWER_LEFT,
  LOWER_RIGHT
}
