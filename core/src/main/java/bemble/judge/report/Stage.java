package bemble.judge.report;

/** How far a page has come. */
public enum Stage {
  /** Blank squares are still to be filled. */
  IN_WORK,
  /** What is blank now is missing. */
  HANDED_IN
}
