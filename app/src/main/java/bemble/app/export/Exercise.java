package bemble.app.export;

import bemble.app.export.PdfBook.Shown;
import bemble.check.Checks;
import bemble.method.Sum;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Working;
import bemble.slate.SheetRoom;
import java.util.ArrayList;
import java.util.List;

/**
 * A sum on an exercise sheet.
 *
 * @param heading its number, and the sum where it is written in a line
 * @param shown what stands on its squares
 */
public record Exercise(String heading, Shown shown) {
  /** Rows to explain in, below the words that ask for it. */
  private static final int EXPLAIN = 2;

  /** The least columns that words can be written on. */
  private static final int WRITTEN = 9;

  /** How a sum is set out for its writer. */
  public enum Layout {
    /** On squares, as it is worked, with a box for each figure of the answer. */
    SET_OUT,
    /** In a line, with empty squares below to set it out on. */
    SQUARES,
    /** In a line, with a row of squares for the answer below it. */
    LINE
  }

  /**
   * What else is on the sheet.
   *
   * @param heads whether the columns have their heads
   * @param check the words above the squares for the check; empty for none
   * @param explain the words above the room to explain in; empty for none
   */
  public record Room(boolean heads, String check, String explain) {}

  static Exercise of(int number, String problem, Sum sum, Layout layout, Room room) {
    Working working = sum.work();
    Area used = SheetRoom.of(sum, working.paper().extent());
    Shown blank = Shown.blank(working, sum.style());
    List<Mark> marks = new ArrayList<>();
    if (layout == Layout.SET_OUT) {
      blank.marks().stream()
          .filter(mark -> room.heads() || mark.role() != Role.HEAD)
          .forEach(marks::add);
    }
    if (layout == Layout.LINE) {
      Square from = used.from();
      used = new Area(from, new Square(from.row(), from.column() + WRITTEN));
    }
    if (!room.check().isEmpty()) {
      Area checked =
          Checks.onOnePage(working, sum.style()).parts().stream()
              .map(part -> part.paper().extent())
              .reduce(Area::joined)
              .orElseThrow();
      used = below(used, PdfBook.rows(checked), checked.columns(), room.check(), marks);
    }
    if (!room.explain().isEmpty()) {
      used = below(used, EXPLAIN, WRITTEN, room.explain(), marks);
    }
    String heading = layout == Layout.SET_OUT ? number + "." : number + ".  " + problem + " =";
    List<Square> open = layout == Layout.SET_OUT ? blank.open() : List.of();
    return new Exercise(heading, new Shown(used, marks, List.of(), open));
  }

  /** The area with so many rows more, under a row with words. */
  private static Area below(Area used, int rows, int columns, String words, List<Mark> marks) {
    Square from = new Square(used.to().row() + 1, used.from().column());
    Shape.Words said = new Shape.Words(from, Shape.Side.FROM_LEFT, words);
    marks.add(new Mark(marks.size(), Role.NOTE, null, 0, said));
    return used.joined(new Area(from, from.moved(rows, columns - 1)));
  }

  /** The paper as a layout of sheets sees it. */
  PdfBook.Frame frame() {
    return new PdfBook.Frame(heading, List.of(shown), "");
  }
}
