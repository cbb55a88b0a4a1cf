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

  /** One line of parts; the first stands under the addends, the others go on to their right. */
  static PartsLayout behindOneAnother(AdditionLayout layout, List<Integer> places, int firstRow) {
    int start = layout.columns().of(Math.min(0, places.get(0))) + 1;
    OneLine line = new OneLine(firstRow, start);
    List<Block> blocks =
        new ArrayList<>(List.of(new Block(firstRow, layout.columns(), Optional.empty())));
    blocks.addAll(line.parts(layout, places.subList(1, places.size())));
    int lastColumn = Math.max(layout.lastColumn(), line.lastColumn());
    return new PartsLayout(blocks, line.lastRow(), lastColumn);
  }
}
