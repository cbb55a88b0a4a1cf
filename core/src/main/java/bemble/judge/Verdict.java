package bemble.judge;

/** What is to be said of a single figure. */
public enum Verdict {
  /** As it is on the true page. */
  RIGHT,
  /** The first thing that went wrong. */
  FIRST_SLIP,
  /** Wrong again, and not because of anything before. */
  SLIP,
  /** Not as on the true page, but right given what was written before. */
  FOLLOWS,
  /** Nothing belongs there. */
  NOT_NEEDED
}
