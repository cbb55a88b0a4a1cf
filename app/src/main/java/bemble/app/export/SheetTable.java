package bemble.app.export;

import bemble.paper.Square;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where everything lies on an exercise sheet, so that a picture of one can be read. All lengths are
 * millimetres, from the middle of the corner mark at the upper left, to the right and downwards.
 *
 * @param version of this form; sheets of version 1 have no squares, style or number boxes in it
 * @param across from that corner mark to the one at its right
 * @param down from that corner mark to the one below it
 * @param tiles the papers of the sums
 * @param style the style of the class when it was printed
 * @param number the boxes for its writer's number in the class, which copies for one pupil lack
 * @param figures ten squares in which its writer shows 0 to 9, in their order; most sheets have
 *     none
 */
public record SheetTable(
    int version,
    double across,
    double down,
    List<TilePlace> tiles,
    @Nullable JsonNode style,
    @Nullable Boxes number,
    @Nullable TilePlace figures) {
  /** The newest form. */
  public static final int VERSION = 2;

  /** The papers of the sums, and the one for the samples of figures. */
  public List<TilePlace> papers() {
    return figures == null ? tiles : Stream.concat(tiles.stream(), Stream.of(figures)).toList();
  }

  /**
   * The squares of a sum, which lie in rows and columns of its working. Their ruling lies flat in
   * JSON.
   *
   * @param number the number of the sum in its set, from 1
   * @param plain the sum in plain figures
   * @param method the method that it is worked by
   * @param squares those that are to be read
   * @param setOutAs the version of its method's layout, if it is set out on the squares as it is
   *     worked
   */
  public record TilePlace(
      int number,
      String plain,
      String method,
      @JsonUnwrapped Ruling ruling,
      List<ReadSquare> squares,
      @Nullable Integer setOutAs) {
    public TilePlace {
      squares = squares == null ? List.of() : List.copyOf(squares);
    }
  }

  /**
   * Squares that are ruled on a sheet.
   *
   * @param side of a square
   * @param firstRow the row of the working that the uppermost squares lie in
   * @param firstColumn the column of the working that the leftmost squares lie in
   */
  public record Ruling(
      double left, double top, double side, int firstRow, int firstColumn, int rows, int columns) {
    /** Where the last column ends. */
    public double right() {
      return left + columns * side;
    }

    /** Where the last row ends. */
    public double bottom() {
      return top + rows * side;
    }

    /** Where a column of its working begins; a part of a column may be asked for. */
    public double leftOf(double column) {
      return left + (column - firstColumn) * side;
    }

    /** Where a row of its working begins. */
    public double topOf(double row) {
      return top + (row - firstRow) * side;
    }
  }

  /** The parts of a square that is to be read. */
  public enum Part {
    ANSWER,
    REMAINDER,
    /** One of the figures 0 to 9, as its writer makes it. */
    FIGURE,
    /** A stroke that says that the new answer counts. */
    TICK,
    NEW_ANSWER,
    NEW_REMAINDER
  }

  /**
   * A square that is to be read.
   *
   * @param place the power of ten of the figure in it
   */
  public record ReadSquare(int row, int column, Part part, int place) {
    /** Where it lies. */
    public Square at() {
      return new Square(row, column);
    }
  }

  /** Two boxes side by side, for tens and ones. */
  public record Boxes(double left, double top, double side) {}
}
