package bemble.judge.report;

/** How far a page has come. */
public enum Stage {
  /** Blank squares are still to be filled. */
  IN_WORK,
  /** The page is handed in: a blank square is missing its figure. */
  HANDED_IN
}
