package bemble.method;

/** How the page of a method is laid out, which decides what somebody can be asked to do on one. */
public enum PageForm {
  /** Numbers under one another: whoever sets the sum out may begin anywhere on the sheet. */
  COLUMNS,
  /** Numbers in a box or under a bracket, which are ruled before anything is written. */
  FRAMED,
  /** A drawing, to be looked at: nobody writes on it. */
  DRAWN,
  /** Things drawn to be counted: the answer is counted off the page. */
  COUNTED;

  /** Whether somebody can be asked to write such a page. */
  public boolean isWritten() {
    return this == COLUMNS || this == FRAMED;
  }
}
