package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Pen;
import bemble.app.export.Canvas.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * A small card to be cut out: a name and some lines. All lengths are points.
 *
 * @param result the text beside the name
 * @param lines the lines below it; a long one goes on in the next line
 * @param brief the same in fewer words, where there is no room for the lines
 */
public record CutOut(String name, String result, List<String> lines, List<String> brief) {
  private static final int ACROSS = 3;
  private static final int DOWN = 10;
  private static final double LETTERS = 8.5;
  private static final double NAME = 10;
  private static final double LEADING = 1.18 * LETTERS;
  private static final double INSIDE = 5;

  /** The most that adding up rows may lose by rounding. */
  private static final double ROUNDING = 0.01;

  /** A text that is kept in one line, apart from the text behind it. */
  public static String unbroken(String text) {
    return kept(text) + PdfFonts.KEPT;
  }

  /** A text that stays on one line where it has room there. */
  public static String kept(String text) {
    return text.replace(" ", PdfFonts.KEPT);
  }

  /** A card as it is written, line by line. */
  private record Written(List<String> name, String result, List<String> lines) {
    double height() {
      return LEADING * (name.size() + lines.size()) + INSIDE;
    }

    void draw(PdfCanvas canvas, Point corner, double width) {
      double left = corner.x() + INSIDE;
      double y = corner.y() + INSIDE / 2 + LEADING / 2;
      Lettering beside = new Lettering(LETTERS, false, Tint.TEXT, Anchor.END);
      double level = y + PdfCanvas.TO_BASE_LINE * (NAME - LETTERS);
      canvas.text(new Point(corner.x() + width - INSIDE, level), result, beside);
      for (String part : name) {
        canvas.text(new Point(left, y), part, new Lettering(NAME, true, Tint.TEXT, Anchor.START));
        y += LEADING;
      }
      for (String line : lines) {
        canvas.text(
            new Point(left, y), line, new Lettering(LETTERS, false, Tint.TEXT, Anchor.START));
        y += LEADING;
      }
    }
  }

  /** Draws them row by row, on as many sheets as they need: thirty to each, if they are short. */
  static void draw(PdfBook book, List<CutOut> all) {
    double width = (book.width() - 2 * PdfBook.MARGIN) / ACROSS;
    double room = book.height() - 2 * PdfBook.MARGIN;
    List<List<Written>> rows = new ArrayList<>();
    for (int first = 0; first < all.size(); first += ACROSS) {
      List<CutOut> some = all.subList(first, Math.min(first + ACROSS, all.size()));
      rows.add(some.stream().map(each -> each.written(book, width, room / DOWN)).toList());
    }
    int from = 0;
    while (from < rows.size()) {
      int to = from;
      double taken = 0;
      while (to < rows.size() && taken + height(rows.get(to), room) <= room + ROUNDING) {
        taken += height(rows.get(to), room);
        to++;
      }
      List<List<Written>> sheet = rows.subList(from, to);
      book.sheet((out, space) -> draw(book.canvas(out), sheet, width, room));
      from = to;
    }
  }

  /** A row is as high as its highest card, so that it can be cut off in one go. */
  private static double height(List<Written> row, double room) {
    return Math.min(room, row.stream().mapToDouble(Written::height).reduce(room / DOWN, Math::max));
  }

  private static void draw(PdfCanvas canvas, List<List<Written>> rows, double width, double room) {
    double top = PdfBook.MARGIN;
    for (List<Written> row : rows) {
      for (int i = 0; i < row.size(); i++) {
        Point corner = new Point(PdfBook.MARGIN + i * width, top);
        canvas.rectangle(corner, width, height(row, room), 0, new Pen(null, Tint.EDGE, 0.6, true));
        row.get(i).draw(canvas, corner, width);
      }
      top += height(row, room);
    }
  }

  private Written written(PdfBook book, double width, double even) {
    double inside = width - 2 * INSIDE;
    double beside = inside - INSIDE - book.width(result, LETTERS);
    List<String> names = book.broken(name, NAME, true, beside);
    Written full = new Written(names, result, broken(book, lines, inside));
    return full.height() <= even ? full : new Written(names, result, broken(book, brief, inside));
  }

  private static List<String> broken(PdfBook book, List<String> lines, double width) {
    return lines.stream()
        .flatMap(line -> book.broken(line, LETTERS, false, width).stream())
        .toList();
  }
}
