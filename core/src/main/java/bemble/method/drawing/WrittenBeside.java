package bemble.method.drawing;

import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.List;

/**
 * The sum in figures beside its drawing; it grows step for step with the counting.
 *
 * @param columns its place columns
 * @param top the row of its first number
 * @param highest its highest place
 * @param row the figures of its answer
 */
record WrittenBeside(PlaceColumns columns, int top, int highest, WrittenRow row) {
  /** To the right of a board, with a column for the sign. */
  static WrittenBeside of(CounterBoard board, int highest, int top) {
    PlaceColumns columns = new PlaceColumns(board.lastColumn() + 3 + highest);
    return new WrittenBeside(columns, top, highest, new WrittenRow(top));
  }

  /** Writes a number of the sum in its row, counted from 0. */
  void copy(Script script, int index, Numeral number) {
    for (int place = number.highestPlace(); place >= 0; place--) {
      Slot slot = Slot.full(Role.GIVEN, place, columns.at(top + index, place));
      script.copy(slot, number.digitAt(place));
    }
  }

  /** Writes the sign before the last of some numbers, and rules the line under them. */
  void rule(Script script, int numbers, String sign) {
    Layout.sign(script, columns.at(top + numbers - 1, highest + 1), sign);
    Layout.rule(script, top + numbers, columns.of(highest + 1), columns.ones());
  }

  /** Writes what moves on small over the numbers. */
  void carry(Script script, int place, BigInteger carried) {
    Square above = columns.at(top - 1, place);
    script.draw(Role.CARRY, new Shape.Small(above, Spot.SMALL, Figures.of(carried)));
  }

  /** Writes a figure of the answer under some numbers. */
  Entry answer(Script script, int numbers, int place, Rule rule, List<Entry> reads) {
    Slot slot = Slot.full(Role.ANSWER, place, columns.at(top + numbers, place));
    Entry figure = script.write(slot, rule, reads);
    row.put(place, figure);
    return figure;
  }

  /** The answer that stands there. */
  Numeral read() {
    return row.read();
  }
}
