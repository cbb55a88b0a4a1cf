package bemble.method;

/** How the page of a method is laid out, which decides the tasks that a writer can have on it. */
public enum PageForm {
  /** Numbers under one another. A writer may set the sum out anywhere on the sheet. */
  COLUMNS,
  /**
   * Numbers in a box, under a bracket or along a line, which are ruled before anything is written.
   */
  FRAMED,
  /** Things drawn to be counted, to be looked at: the answer is counted off the page. */
  COUNTED;

  /** Whether a writer can be asked for such a page. */
  public boolean isWritten() {
    return this != COUNTED;
  }
}
