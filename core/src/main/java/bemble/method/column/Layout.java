package bemble.method.column;

import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Script;

/** Pieces of layout that every column method draws alike. */
public final class Layout {
  private Layout() {}

  /** Writes a sign in a square. */
  public static void sign(Script script, Square at, String sign) {
    script.draw(Role.SIGN, new Shape.Figure(at, sign));
  }

  /** Rules a line along the top of a row, from one column to another, both included. */
  public static void rule(Script script, int row, int firstColumn, int lastColumn) {
    Square end = new Square(row, lastColumn + 1);
    script.draw(Role.RULE, new Shape.Line(new Square(row, firstColumn), end));
  }

  /** Rules the bracket of a division over a dividend that stands in a row of some columns. */
  public static void bracket(Script script, int row, int firstColumn, int lastColumn) {
    rule(script, row, firstColumn, lastColumn);
    Square top = new Square(row, firstColumn);
    script.draw(Role.RULE, new Shape.Line(top, top.moved(1, 0)));
  }

  /** The squares from the upper left corner of the paper to a square. */
  public static Area upTo(int row, int column) {
    return new Area(new Square(0, 0), new Square(row, column));
  }
}
