package bemble.judge.report;

/** The verdict on a single figure. */
public enum Verdict {
  /** The figure is that of the true page. */
  RIGHT,
  /** The first mistake of the page. */
  FIRST_SLIP,
  /** A further mistake, independent of the earlier ones. */
  SLIP,
  /** Not as on the true page, but right given the figures that were written before. */
  FOLLOWS,
  /** Nothing belongs there. */
  NOT_NEEDED
}
