package bemble.method.addition;

import bemble.method.column.PlaceColumns;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Where the parts of a sum stand, the one of the highest place first.
 *
 * @param blocks where each part stands
 * @param lastRow the row of the last part
 * @param lastColumn the last column that an addend or a part can reach
 */
record PartsLayout(List<Block> blocks, int lastRow, int lastColumn) {
  /** As many squares fit on a line, if its first two parts are not longer. */
  private static final int LINE = 28;

  /**
   * Where one part stands.
   *
   * @param row the row
   * @param columns the columns of its places
   * @param sign the square of the plus in front of it, if it has one
   */
  record Block(int row, PlaceColumns columns, Optional<Square> sign) {}

  /** A row for each part, in the columns of the addends. */
  static PartsLayout underOneAnother(AdditionLayout layout, List<Integer> places, int firstRow) {
    int lastRow = firstRow + places.size() - 1;
    List<Block> blocks =
        IntStream.rangeClosed(firstRow, lastRow)
            .mapToObj(row -> new Block(row, layout.columns(), Optional.empty()))
            .toList();
    return new PartsLayout(blocks, lastRow, layout.lastColumn());
  }

  /**
   * One line of parts with a plus between; the first stands under the addends. Each has room for
   * the largest number that it can come to, so that the squares do not tell what it does come to.
   * What has no room on the line goes on beneath, further right than the addends.
   */
  static PartsLayout behindOneAnother(AdditionLayout layout, List<Integer> places, int firstRow) {
    int room = layout.columns().ones() - layout.highest();
    int start = layout.columns().of(Math.min(0, places.get(0))) + 1;
    List<Block> blocks =
        new ArrayList<>(List.of(new Block(firstRow, layout.columns(), Optional.empty())));
    int row = firstRow;
    int next = start;
    int end = Math.max(start, layout.lastColumn() + 1);
    for (int place : places.subList(1, places.size())) {
      int above = Math.max(0, place + room);
      int below = Math.max(0, -place);
      if (next > start && next + 1 + above + below >= LINE) {
        row++;
        next = start;
      }
      int ones = next + 1 + above;
      blocks.add(new Block(row, new PlaceColumns(ones), Optional.of(new Square(row, next))));
      next = ones + below + 1;
      end = Math.max(end, next);
    }
    return new PartsLayout(blocks, row, end - 1);
  }
}
