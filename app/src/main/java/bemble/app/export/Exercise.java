package bemble.app.export;

import bemble.app.export.PdfBook.Shown;
import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.check.Checks;
import bemble.method.Sum;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.procedure.Working;
import bemble.slate.SheetRoom;
import java.util.ArrayList;
import java.util.List;

/**
 * A sum on an exercise sheet.
 *
 * @param heading its number, and the sum where it is written in a line
 * @param shown the paper on its squares
 * @param squares those that are to be read
 */
public record Exercise(String heading, Shown shown, List<ReadSquare> squares) {
  private static final int FIGURES = 10;

  /** The rows for an explanation, below its heading. */
  private static final int EXPLAIN = 2;

  /** The least columns that words can be written on. */
  private static final int WRITTEN = 9;

  /** How a sum is set out for its writer. */
  public enum Layout {
    /** On squares as in a working, with a box for each figure of the answer. */
    SET_OUT,
    /** In a line, with empty squares below to set it out on, and a row for the answer. */
    SQUARES,
    /** In a line, with a row of squares for the answer below it. */
    LINE
  }

  /**
   * The parts of a sheet besides its sums.
   *
   * @param heads whether the columns have their heads
   * @param check the words above the squares for the check; empty for none
   * @param explain the words above the room to explain in; empty for none
   * @param again the words beside the box that is ticked for a new answer; empty for none
   * @param figures the words above squares in which 0 to 9 are written; empty for none
   */
  public record Room(boolean heads, String check, String explain, String again, String figures) {}

  /**
   * The words beside the rows for answers.
   *
   * @param answer above the row for it
   * @param remainder the sign before the remainder
   */
  public record Words(String answer, String remainder) {}

  static Exercise of(int number, String problem, Sum sum, Layout layout, Room room, Words words) {
    Working working = sum.work();
    Area used = SheetRoom.of(sum, working.paper().extent());
    Exercise exercise =
        switch (layout) {
          case SET_OUT -> setOut(working, sum, used, room, words);
          case SQUARES ->
              empty(used).with(words, words.answer(), working, Part.ANSWER, Part.REMAINDER);
          case LINE -> inLine(working, words.remainder());
        };
    if (!room.check().isEmpty()) {
      Area checked =
          Checks.onOnePage(working, sum.style()).parts().stream()
              .map(part -> part.paper().extent())
              .reduce(Area::joined)
              .orElseThrow();
      exercise = exercise.below(PdfBook.rows(checked), checked.columns(), room.check());
    }
    if (!room.explain().isEmpty()) {
      exercise = exercise.below(EXPLAIN, WRITTEN, room.explain());
    }
    if (!room.again().isEmpty()) {
      exercise = exercise.withAgain(room.again(), words, working);
    }
    String heading = layout == Layout.SET_OUT ? number + "." : number + ".  " + problem + " =";
    return new Exercise(heading, exercise.shown, exercise.squares);
  }

  /** Ten squares in which a pupil shows how to write 0 to 9, each below its printed figure. */
  static Exercise figures(String heading) {
    List<ReadSquare> squares = new ArrayList<>();
    List<Mark> printed = new ArrayList<>();
    for (int figure = 0; figure < FIGURES; figure++) {
      Square above = new Square(0, figure);
      squares.add(new ReadSquare(1, figure, Part.FIGURE, figure));
      printed.add(note(new Shape.Words(above, Shape.Side.CENTRED, String.valueOf(figure))));
    }
    Exercise page = empty(new Area(new Square(0, 0), new Square(1, FIGURES - 1)));
    return new Exercise(heading, page.and(squares, printed).shown, squares);
  }

  /** Empty squares. */
  private static Exercise empty(Area used) {
    return new Exercise("", new Shown(used, List.of(), List.of(), List.of()), List.of());
  }

  /** The sum on squares as it is worked, open where its answer comes. */
  private static Exercise setOut(Working working, Sum sum, Area used, Room room, Words words) {
    List<Mark> marks =
        Shown.blank(working, sum.style()).marks().stream()
            .filter(mark -> room.heads() || mark.role() != Role.HEAD)
            .toList();
    List<Mark> printed = sum.ruled(used, marks);
    Exercise page = empty(used).and(AnswerStrip.onPage(working, sum), printed);
    return AnswerStrip.hasRemainder(working)
        ? page.withRemainder(words.remainder(), working)
        : page;
  }

  /** A row of squares for the answer and nothing else. */
  private static Exercise inLine(Working working, String sign) {
    Square from = new Square(0, 0);
    List<ReadSquare> squares = AnswerStrip.inRow(from, working, Part.ANSWER, Part.REMAINDER);
    return empty(new Area(from, from)).and(squares, sign(squares, Part.REMAINDER, sign));
  }

  /** The same with a row for an answer, below words. */
  private Exercise with(Words words, String above, Working working, Part answer, Part remainder) {
    Exercise below = below(1, WRITTEN, above);
    Square from = new Square(below.shown.extent().to().row(), shown.extent().from().column());
    List<ReadSquare> row = AnswerStrip.inRow(from, working, answer, remainder);
    return below.and(row, sign(row, remainder, words.remainder()));
  }

  /** The same with squares for the remainder, a row below the page. */
  private Exercise withRemainder(String sign, Working working) {
    Square from = new Square(shown.extent().to().row() + 2, shown.extent().from().column() + 1);
    List<ReadSquare> row =
        AnswerStrip.remainder(from, (Division) working.problem(), Part.REMAINDER);
    return and(row, sign(row, Part.REMAINDER, sign));
  }

  /** The same with a box to be ticked and a row for the new answer. */
  private Exercise withAgain(String said, Words words, Working working) {
    int row = shown.extent().to().row() + 1;
    Square box = new Square(row, shown.extent().from().column());
    Exercise again = with(words, "", working, Part.NEW_ANSWER, Part.NEW_REMAINDER);
    Shape.Words beside = new Shape.Words(box.moved(0, 1), Shape.Side.FROM_LEFT, said);
    return again.and(
        List.of(new ReadSquare(row, box.column(), Part.TICK, 0)), List.of(note(beside)));
  }

  /** The sign in the square before the remainder, where there is such a square. */
  private static List<Mark> sign(List<ReadSquare> row, Part remainder, String sign) {
    return row.stream()
        .filter(square -> square.part() == remainder)
        .findFirst()
        .map(
            first -> {
              Square before = new Square(first.row(), first.column() - 1);
              return note(new Shape.Words(before, Shape.Side.CENTRED, sign));
            })
        .stream()
        .toList();
  }

  private static Mark note(Shape.Words words) {
    return new Mark(0, Role.NOTE, null, 0, words);
  }

  private Exercise and(List<ReadSquare> more, List<Mark> notes) {
    List<Mark> marks = new ArrayList<>(shown.marks());
    marks.addAll(notes);
    List<ReadSquare> all = new ArrayList<>(squares);
    all.addAll(more);
    List<Square> open = all.stream().map(ReadSquare::at).toList();
    Area extent = joined(shown.extent(), more);
    return new Exercise(heading, new Shown(extent, marks, List.of(), open), all);
  }

  private static Area joined(Area area, List<ReadSquare> squares) {
    Area joined = area;
    for (ReadSquare square : squares) {
      joined = joined.joined(new Area(square.at(), square.at()));
    }
    return joined;
  }

  /** The same with so many rows more, under a row with words. */
  private Exercise below(int rows, int columns, String words) {
    Area extent = shown.extent();
    Square from = new Square(extent.to().row() + 1, extent.from().column());
    List<Mark> marks = new ArrayList<>(shown.marks());
    marks.add(note(new Shape.Words(from, Shape.Side.FROM_LEFT, words)));
    Area more = extent.joined(new Area(from, from.moved(rows, columns - 1)));
    return new Exercise(heading, new Shown(more, marks, List.of(), shown.open()), squares);
  }

  /** The paper as a layout of sheets sees it. */
  PdfBook.Frame frame() {
    return new PdfBook.Frame(heading, List.of(shown), "");
  }
}
