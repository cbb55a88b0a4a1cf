package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Pen;
import bemble.app.export.Canvas.Point;
import java.util.List;

/**
 * A small slip of paper to be cut out: a name and some lines. All lengths are points.
 *
 * @param lines what stands below the name; what is too long goes on in the next line
 */
public record CutOut(String name, List<String> lines) {
  private static final int ACROSS = 3;
  private static final int DOWN = 10;
  private static final double LETTERS = 8.5;
  private static final double LEADING = 1.25;
  private static final double INSIDE = 6;

  /** Draws them row by row, on as many sheets as they need. */
  static void draw(PdfBook book, List<CutOut> all) {
    double width = (book.width() - 2 * PdfBook.MARGIN) / ACROSS;
    double height = (book.height() - 2 * PdfBook.MARGIN) / DOWN;
    for (int first = 0; first < all.size(); first += ACROSS * DOWN) {
      List<CutOut> some = all.subList(first, Math.min(first + ACROSS * DOWN, all.size()));
      book.sheet(
          (out, space) -> {
            PdfCanvas canvas = book.canvas(out);
            for (int i = 0; i < some.size(); i++) {
              double left = PdfBook.MARGIN + i % ACROSS * width;
              double top = PdfBook.MARGIN + (double) (i / ACROSS) * height;
              Pen cut = new Pen(null, Ink.EDGE, 0.6, true);
              canvas.rectangle(new Point(left, top), width, height, 0, cut);
              some.get(i).write(book, canvas, new Point(left + INSIDE, top), width - 2 * INSIDE);
            }
          });
    }
  }

  private void write(PdfBook book, PdfCanvas canvas, Point corner, double width) {
    double y = corner.y() + LETTERS * LEADING;
    Lettering bold = new Lettering(LETTERS * 1.2, true, Ink.TEXT, Anchor.START);
    canvas.text(new Point(corner.x(), y), name, bold);
    Lettering plain = new Lettering(LETTERS, false, Ink.TEXT, Anchor.START);
    for (String line : lines) {
      for (String part : book.broken(line, LETTERS, width)) {
        y += LETTERS * LEADING;
        canvas.text(new Point(corner.x(), y), part, plain);
      }
    }
  }
}
