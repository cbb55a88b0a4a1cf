package bemble.method.column;

import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.List;

/** The zeros and marks that numbers under one another need for the sake of their decimal marks. */
public final class Decimals {
  private Decimals() {}

  /**
   * The place by which numbers are lined up: 0 their ones, 1 their points, 2 their decimal commas.
   */
  public static int linedUpBy(Style style, int lowest) {
    int mark = style.has(Choice.DecimalMark.POINT) ? 1 : 2;
    return lowest < 0 ? mark : 0;
  }

  /**
   * Fills numbers up with zeros down to the place {@code lowest}, in a step of its own; no step
   * where all reach it. A row that is not lined up stays as it is.
   */
  public static void fillUp(
      Script script,
      PlaceColumns columns,
      List<Numeral> numbers,
      List<WrittenRow> rows,
      int lowest) {
    boolean opened = false;
    for (int i = 0; i < rows.size(); i++) {
      WrittenRow row = rows.get(i);
      int reaches = numbers.get(i).lowestPlace();
      if (reaches > lowest && row.lowest() == reaches) {
        if (!opened) {
          script.step(Section.SET_OUT);
          script.say(() -> Remark.of(RemarkKind.FILL_UP).with("places", -lowest));
          opened = true;
        }
        row.fillUp(script, columns, lowest);
      }
    }
  }

  /** Draws the decimal mark behind the ones of a row. */
  static void mark(Script script, PlaceColumns columns, int row) {
    mark(script, columns, row, 0);
  }

  private static void mark(Script script, PlaceColumns columns, int row, int after) {
    Square figure = columns.at(row, after);
    script.draw(Role.POINT, new Shape.Point(figure, script.style().marks().decimal()));
  }

  /** Writes the answer's mark before its figures, in a step of its own; none for whole numbers. */
  public static void markFirst(Script script, PlaceColumns columns, int answerRow, int lowest) {
    if (lowest < 0) {
      script.step(Section.SET_OUT);
      int after = markedAfter(script, lowest);
      if (after > lowest) {
        mark(script, columns, answerRow, after);
      }
      int by = linedUpBy(script.style(), lowest);
      script.say(() -> Remark.of(RemarkKind.WRITE_MARK).with("lined", by));
    }
  }

  /** The number that the row of an answer shows, its mark where {@link #markFirst} set it. */
  public static Numeral answer(Script script, WrittenRow row) {
    Numeral number = row.read();
    int after = number.scale() == 0 ? 0 : markedAfter(script, number.lowestPlace());
    return after == 0 ? number : new Numeral(number.figures(), number.scale() + after);
  }

  /** After the figure of which place the hand sets the mark; after the last one it sets none. */
  private static int markedAfter(Script script, int lowest) {
    return Math.max(lowest, script.places(Shift.POINT_AFTER, Section.SET_OUT, lowest, 0));
  }
}
