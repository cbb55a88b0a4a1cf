package bemble.paper;

/**
 * A rectangle of squares, both corners included.
 *
 * @param from upper left square
 * @param to lower right square
 */
public record Area(Square from, Square to) {
  /** How many columns it covers. */
  public int columns() {
    return to.column() - from.column() + 1;
  }

  /** Whether it covers a square. */
  public boolean contains(Square square) {
    return square.row() >= from.row()
        && square.row() <= to.row()
        && square.column() >= from.column()
        && square.column() <= to.column();
  }

  /** The smallest rectangle that holds this and another one. */
  public Area joined(Area other) {
    return new Area(
        new Square(
            Math.min(from.row(), other.from.row()), Math.min(from.column(), other.from.column())),
        new Square(Math.max(to.row(), other.to.row()), Math.max(to.column(), other.to.column())));
  }

  /** This area that many rows down and columns right. */
  public Area moved(int rows, int columns) {
    return new Area(from.moved(rows, columns), to.moved(rows, columns));
  }
}
