package bemble.paper;

/**
 * A square of the paper. Rows grow downwards and columns to the right, both from 0. Where a shape
 * speaks of a crossing of grid lines, the square's upper left corner is meant.
 *
 * @param row rows from the top
 * @param column columns from the left
 */
public record Square(int row, int column) {
  /** The square that many rows down and columns right of this one. */
  public Square moved(int rows, int columns) {
    return new Square(row + rows, column + columns);
  }
}
