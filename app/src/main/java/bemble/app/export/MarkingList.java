package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Pen;
import bemble.app.export.Canvas.Point;
import java.util.List;

/** A table to be marked by hand: a row a pupil, a column a sum. All lengths are points. */
public final class MarkingList {
  private static final double ROW = 20;

  /** A right answer stands upright above its column. */
  private static final double ANSWER = 76;

  private static final double NAME = 130;
  private static final double LETTERS = 11;
  private static final int MOST_SUMS = 16;
  private static final Pen LINE = Pen.line(Tint.EDGE, 0.6);

  private MarkingList() {}

  /**
   * A pupil's row.
   *
   * @param name empty for a row to be filled in
   * @param cells the texts in the columns; none for a row to be filled in
   */
  public record Row(String name, List<String> cells) {
    /** A row to be filled in by hand. */
    public static final Row EMPTY = new Row("", List.of());
  }

  /** Draws it on as many sheets as there are groups of sums and of pupils. */
  static void draw(PdfBook book, String heading, List<Row> pupils, List<String> answers) {
    double room = book.height() - 2 * PdfBook.MARGIN - 2 * PdfBook.HEADING - ANSWER;
    int most = (int) (room / ROW);
    for (int pupil = 0; pupil < pupils.size(); pupil += most) {
      List<Row> rows = pupils.subList(pupil, Math.min(pupil + most, pupils.size()));
      for (int first = 0; first < answers.size(); first += MOST_SUMS) {
        List<String> some = answers.subList(first, Math.min(first + MOST_SUMS, answers.size()));
        int from = first;
        book.sheet(
            (out, space) -> {
              book.heading(out, space, heading);
              table(book.canvas(out), book.width() - 2 * PdfBook.MARGIN, rows, some, from);
            });
      }
    }
  }

  private static void table(
      PdfCanvas canvas, double width, List<Row> rows, List<String> answers, int first) {
    double left = PdfBook.MARGIN;
    double top = PdfBook.MARGIN + 2 * PdfBook.HEADING;
    double column = Math.min(44, (width - NAME) / answers.size());
    double right = left + NAME + column * answers.size();
    double below = top + ANSWER;
    for (int i = 0; i < answers.size(); i++) {
      double middle = left + NAME + (i + 0.5) * column;
      Lettering number = new Lettering(LETTERS, true, Tint.TEXT, Anchor.MIDDLE);
      canvas.text(new Point(middle, below - LETTERS), String.valueOf(first + i + 1), number);
      Lettering answer = new Lettering(LETTERS, false, Tint.ACTION, Anchor.START);
      canvas.upright(new Point(middle, below - 2 * LETTERS), answers.get(i), answer);
    }
    for (int i = 0; i <= rows.size(); i++) {
      double y = below + i * ROW;
      canvas.line(List.of(new Point(left, y), new Point(right, y)), LINE);
    }
    for (int i = 0; i < rows.size(); i++) {
      double middle = below + (i + 0.5) * ROW;
      Lettering name = new Lettering(LETTERS, false, Tint.TEXT, Anchor.START);
      canvas.text(new Point(left + 3, middle), rows.get(i).name(), name);
      List<String> cells = rows.get(i).cells();
      for (int c = first; c < Math.min(first + answers.size(), cells.size()); c++) {
        double x = left + NAME + (c - first + 0.5) * column;
        double size = Math.min(LETTERS, 1.6 * column / Math.max(1, cells.get(c).length()));
        Lettering cell = new Lettering(size, false, Tint.TEXT, Anchor.MIDDLE);
        canvas.text(new Point(x, middle), cells.get(c), cell);
      }
    }
    double bottom = below + rows.size() * ROW;
    canvas.line(List.of(new Point(left, below), new Point(left, bottom)), LINE);
    for (int i = 0; i <= answers.size(); i++) {
      double x = left + NAME + i * column;
      canvas.line(List.of(new Point(x, below), new Point(x, bottom)), LINE);
    }
  }
}
