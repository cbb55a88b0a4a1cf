package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.standin.WritingHand;
import bemble.paper.Square;
import bemble.slate.Stroke;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** A sheet that a hand fills in. */
final class FilledSheet {
  /** Dots a millimetre. */
  static final double DOTS = 8;

  /** The distance from the edge of the sheet to its first mark, in millimetres. */
  static final double CORNER = 9;

  /** The room that a small figure takes of its square, as a share of the side. */
  private static final double SMALL = 0.5;

  private final SheetTable table;
  private final WritingHand hand;
  private final BufferedImage image;
  private final Graphics2D pen;

  private FilledSheet(GreyPicture empty, SheetTable table, WritingHand hand) {
    this.table = table;
    this.hand = hand;
    image = empty.image();
    pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    pen.scale(DOTS, DOTS);
  }

  /** A sheet with answers to its sums, by their numbers from 0. */
  static GreyPicture answered(
      GreyPicture empty, SheetTable table, Map<Integer, String> answers, WritingHand hand) {
    FilledSheet sheet = new FilledSheet(empty, table, hand);
    sheet.figures();
    for (TilePlace tile : table.tiles()) {
      String[] parts = parts(answers.getOrDefault(tile.number() - 1, ""));
      sheet.number(tile, Part.ANSWER, parts[0]);
      sheet.number(tile, Part.REMAINDER, parts[1]);
    }
    return sheet.done();
  }

  /** The strokes of a working, and its answer as it is typed. */
  record Worked(List<Stroke> strokes, String answer) {}

  /** A sheet with its sums worked on their squares, by their numbers from 0. */
  static GreyPicture worked(
      GreyPicture empty, SheetTable table, Map<Integer, Worked> workings, WritingHand hand) {
    FilledSheet sheet = new FilledSheet(empty, table, hand);
    sheet.figures();
    for (TilePlace tile : table.tiles()) {
      Worked worked = workings.get(tile.number() - 1);
      if (worked != null) {
        worked.strokes().forEach(stroke -> sheet.stroke(tile, stroke));
        sheet.number(tile, Part.REMAINDER, parts(worked.answer())[1]);
      }
    }
    return sheet.done();
  }

  /** Shows 0 to 9, where the sheet asks for them. */
  private void figures() {
    TilePlace tile = table.figures();
    if (tile != null) {
      for (ReadSquare square : tile.squares()) {
        write(tile, square.at(), (char) ('0' + square.place()), tile.ruling().side(), 0);
      }
    }
  }

  /** The answer and the remainder, which may be empty. */
  private static String[] parts(String answer) {
    return (answer + " r ").split(" ?r ?", -1);
  }

  private GreyPicture done() {
    pen.dispose();
    return GreyPicture.of(image);
  }

  /** Writes a number so that its last figure stands in the last of its squares. */
  private void number(TilePlace tile, Part part, String number) {
    String figures = number.replaceAll("\\D", "");
    List<ReadSquare> squares =
        tile.squares().stream()
            .filter(square -> square.part() == part)
            .sorted(Comparator.comparing(ReadSquare::place))
            .toList();
    for (int i = 0; i < Math.min(figures.length(), squares.size()); i++) {
      char figure = figures.charAt(figures.length() - 1 - i);
      write(tile, squares.get(i).at(), figure, tile.ruling().side(), 0);
    }
  }

  /** Writes a figure, small ones in the upper left of their squares; signs are printed. */
  private void stroke(TilePlace tile, Stroke stroke) {
    boolean isSmall = stroke.kind() == Stroke.Kind.AID;
    if (isSmall || stroke.kind() == Stroke.Kind.FIGURE) {
      double side = isSmall ? SMALL * tile.ruling().side() : tile.ruling().side();
      String figures = stroke.text().replaceAll("\\D", "");
      for (int i = 0; i < figures.length(); i++) {
        double right = 0.6 * side * i;
        write(tile, stroke.at(), figures.charAt(i), side, right);
      }
    }
  }

  private void write(TilePlace tile, Square at, char figure, double side, double right) {
    double left = CORNER + tile.ruling().leftOf(at.column()) + right;
    hand.write(pen, figure, left, CORNER + tile.ruling().topOf(at.row()), side);
  }
}
