package bemble.method.addition;

import bemble.method.column.Decimals;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.method.column.WrittenRow.Reach;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.procedure.Script;
import bemble.slip.AddingSlips;
import bemble.slip.FactSlips;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The columns of an addition in columns.
 *
 * @param columns which column belongs to which place
 * @param highest highest place of any addend
 * @param lowest lowest place of any addend
 */
record AdditionLayout(PlaceColumns columns, int highest, int lowest) {
  /** The slips of every method that adds in columns, the likelier first. */
  static final List<Slip> SLIPS =
      List.of(
          AddingSlips.LINED_UP_LEFT,
          AddingSlips.LINED_UP_RIGHT,
          AddingSlips.POINT_LEFT_OUT,
          AddingSlips.POINT_MOVED,
          AddingSlips.POINT_MOVED_RIGHT,
          AddingSlips.NUMBER_TOO_FAR_LEFT,
          AddingSlips.LOWER_NUMBER_TOO_FAR_LEFT,
          AddingSlips.NUMBER_TOO_FAR_RIGHT,
          AddingSlips.LAST_CARRY_LOST,
          AddingSlips.CARRY_NOT_ADDED,
          AddingSlips.TENS_WRITTEN_ONES_CARRIED,
          AddingSlips.TWO_DIGITS_IN_ONE_SQUARE,
          AddingSlips.BLANK_COLUMN_SKIPPED,
          AddingSlips.OLD_CARRY_AGAIN,
          AddingSlips.CARRY_ADDED_TWICE,
          FactSlips.FACT_ONE_OUT,
          FactSlips.FIGURE_MISREAD);

  /**
   * Leaves room on the left for the sign and for the new places of the answer. With n addends the
   * total of a column and its carry is below 10 n, so the carry out is below n: its length is the
   * room that is needed.
   */
  static AdditionLayout of(Addition sum) {
    int highest = 0;
    int lowest = 0;
    for (Numeral addend : sum.addends()) {
      highest = Math.max(highest, addend.highestPlace());
      lowest = Math.min(lowest, addend.lowestPlace());
    }
    int room = Integer.toString(sum.addends().size() - 1).length();
    return new AdditionLayout(new PlaceColumns(highest + room), highest, lowest);
  }

  int lastColumn() {
    return columns.of(lowest);
  }

  void heads(Script script) {
    columns.heads(script, 0, highest, lowest);
  }

  /** Writes all addends under one another, filled up with zeros after the point. */
  List<WrittenRow> copyAddends(Script script, Addition sum, int firstRow) {
    List<WrittenRow> rows = new ArrayList<>();
    for (Numeral addend : sum.addends()) {
      int row = firstRow + rows.size();
      rows.add(copy(script, row, addend, last(rows)));
    }
    return rows;
  }

  /** Writes all addends under one another and then, in a step of its own, fills them up. */
  List<WrittenRow> setOut(Script script, Addition sum, int firstRow) {
    List<WrittenRow> rows = new ArrayList<>();
    script.say(() -> AdditionRemarks.setOut(sum, Decimals.linedUpBy(script.style(), lowest)));
    for (Numeral addend : sum.addends()) {
      int row = firstRow + rows.size();
      Reach reach = new Reach(highest, addend.lowestPlace(), last(rows), Operation.ADDITION);
      rows.add(WrittenRow.copyUnder(script, columns, row, addend, reach));
    }
    Decimals.fillUp(script, columns, sum.addends(), rows, lowest);
    return rows;
  }

  /** Writes one addend into a row, under another where there is one. */
  WrittenRow copy(Script script, int row, Numeral addend, @Nullable WrittenRow under) {
    return WrittenRow.copyUnder(
        script, columns, row, addend, new Reach(highest, lowest, under, Operation.ADDITION));
  }

  private static @Nullable WrittenRow last(List<WrittenRow> rows) {
    return rows.isEmpty() ? null : rows.get(rows.size() - 1);
  }

  /** The plus before the last addend, and the rule under it. */
  void signAndRule(Script script, int answerRow) {
    Square sign = columns.at(answerRow - 1, highest + 1);
    script.draw(Role.SIGN, new Shape.Figure(sign, "+"));
    rule(script, answerRow);
  }

  /** A rule along the top of a row. */
  void rule(Script script, int row) {
    script.draw(Role.RULE, new Shape.Line(new Square(row, 0), new Square(row, lastColumn() + 1)));
  }
}
