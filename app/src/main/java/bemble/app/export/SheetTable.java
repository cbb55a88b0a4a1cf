package bemble.app.export;

import java.util.List;

/**
 * Where everything lies on an exercise sheet, so that a picture of one can be read. All lengths are
 * millimetres, from the middle of the corner mark at the upper left, to the right and downwards.
 *
 * @param version of this form
 * @param across from that corner mark to the one at its right
 * @param down from that corner mark to the one below it
 * @param tiles the papers of the sums
 */
public record SheetTable(int version, double across, double down, List<TilePlace> tiles) {
  /** The newest form. */
  public static final int VERSION = 1;

  /**
   * The squares of a sum. The one of row r and column c of its working has its upper left corner at
   * {@code left} + (c − {@code firstColumn}) × {@code side}, and downwards alike.
   *
   * @param number the number of the sum in its set, from 1
   * @param plain the sum in plain figures
   * @param method the method that it is worked by
   */
  public record TilePlace(
      int number,
      String plain,
      String method,
      double left,
      double top,
      double side,
      int firstRow,
      int firstColumn,
      int rows,
      int columns) {}
}
