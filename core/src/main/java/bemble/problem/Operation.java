package bemble.problem;

/** The operations that are worked in columns. */
public enum Operation {
  ADDITION("addition", '+'),
  SUBTRACTION("subtraction", '−'),
  MULTIPLICATION("multiplication", '×'),
  DIVISION("division", '÷'),
  ROOT("root", '√');

  private final String id;
  private final char sign;

  Operation(String id, char sign) {
    this.id = id;
    this.sign = sign;
  }

  /** A stable name for storage and wording. */
  public String id() {
    return id;
  }

  /** The sign as printed. */
  public char sign() {
    return sign;
  }
}
