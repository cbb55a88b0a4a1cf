package bemble.method;

/** How the page of a method is laid out, which decides what somebody can be asked to do on one. */
public enum PageForm {
  /** Numbers under one another: whoever sets the sum out may begin anywhere on the sheet. */
  COLUMNS,
  /**
   * Numbers in a box, under a bracket or along a line, which are ruled before anything is written.
   */
  FRAMED,
  /** Things drawn to be counted, to be looked at: the answer is counted off the page. */
  COUNTED;

  /** Whether somebody can be asked to write such a page. */
  public boolean isWritten() {
    return this != COUNTED;
  }
}
