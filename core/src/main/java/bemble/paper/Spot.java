package bemble.paper;

/** Where in its square something is written. */
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
