package bemble.method.addition;

import bemble.method.column.PlaceColumns;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the parts of a sum stand behind one another, the one of the highest place first. Each has
 * room for the largest number that it can come to, so that the squares do not tell what it does
 * come to. What has no room on the first line goes on beneath, further right than the addends.
 *
 * @param blocks where each part stands
 * @param lastRow the row of the last part
 * @param lastColumn the last column that any of them can reach
 */
record PartsLine(List<Block> blocks, int lastRow, int lastColumn) {
  /** As many squares fit on a line, if its first two parts are not longer. */
  private static final int LINE = 28;

  /**
   * Where one part stands.
   *
   * @param row the row
   * @param columns the columns of its places
   * @param first its first column
   */
  record Block(int row, PlaceColumns columns, int first) {
    /** The square of the plus in front of it. */
    Square sign() {
      return new Square(row, first - 1);
    }
  }

  /** The parts of some places, the highest first; the first stands under the addends. */
  static PartsLine of(AdditionLayout layout, List<Integer> places, int firstRow) {
    int room = layout.columns().ones() - layout.highest();
    int start = layout.columns().of(Math.min(0, places.get(0))) + 1;
    List<Block> blocks = new ArrayList<>(List.of(new Block(firstRow, layout.columns(), 0)));
    int row = firstRow;
    int next = start;
    int end = start;
    for (int place : places.subList(1, places.size())) {
      int above = Math.max(0, place + room);
      int below = Math.max(0, -place);
      if (next > start && next + 1 + above + below >= LINE) {
        row++;
        next = start;
      }
      int ones = next + 1 + above;
      blocks.add(new Block(row, new PlaceColumns(ones), next + 1));
      next = ones + below + 1;
      end = Math.max(end, next);
    }
    return new PartsLine(blocks, row, end - 1);
  }
}
