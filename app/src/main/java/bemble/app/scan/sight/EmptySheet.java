package bemble.app.scan.sight;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.Ruling;
import bemble.app.export.SheetTable.TilePlace;
import bemble.paper.Square;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

/** The lines of an empty sheet, drawn anew from its table: dark lines on nothing. */
final class EmptySheet {
  /** How much darker than paper the lines of squares and of boxes are printed. */
  private static final int LINE = 45;

  private static final int BOX = 75;

  /** Squares along a part: enough that its lines are like no others near it. */
  private static final double PART = 2.5;

  /** Paper about a part, in millimetres. */
  private static final double AROUND = 1;

  private final SheetTable table;
  private final double dots;

  /**
   * The lines of a sheet.
   *
   * @param dots a millimetre takes
   */
  EmptySheet(SheetTable table, double dots) {
    this.table = table;
    this.dots = dots;
  }

  /** How dark each dot is. */
  GreyPicture drawn() {
    int width = (int) (table.across() * dots) + 1;
    int height = (int) (table.down() * dots) + 1;
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    pen.scale(dots, dots);
    for (TilePlace tile : table.papers()) {
      draw(tile, pen);
    }
    pen.dispose();
    return GreyPicture.of(image);
  }

  private static void draw(TilePlace tile, Graphics2D pen) {
    Ruling ruling = tile.ruling();
    double right = ruling.right();
    double bottom = ruling.bottom();
    pen.setColor(new Color(LINE, LINE, LINE));
    pen.setStroke(new BasicStroke((float) (0.025 * ruling.side())));
    for (int column = 0; column <= ruling.columns(); column++) {
      double x = ruling.left() + column * ruling.side();
      pen.draw(new Line2D.Double(x, ruling.top(), x, bottom));
    }
    for (int row = 0; row <= ruling.rows(); row++) {
      double y = ruling.top() + row * ruling.side();
      pen.draw(new Line2D.Double(ruling.left(), y, right, y));
    }
    pen.setColor(new Color(BOX, BOX, BOX));
    pen.setStroke(new BasicStroke((float) (0.035 * ruling.side())));
    for (ReadSquare square : tile.squares()) {
      Dot corner = corner(tile, square.at());
      double inset = 0.06 * ruling.side();
      double side = 0.88 * ruling.side();
      pen.draw(new Rectangle2D.Double(corner.x() + inset, corner.y() + inset, side, side));
    }
  }

  /** The upper left corner of a square, in millimetres of the sheet. */
  static Dot corner(TilePlace tile, Square square) {
    Ruling ruling = tile.ruling();
    return new Dot(ruling.leftOf(square.column()), ruling.topOf(square.row()));
  }

  /** A part of a sheet in which lines are to be met. */
  record Patch(double left, double top, double right, double bottom) {
    Dot middle() {
      return new Dot((left + right) / 2, (top + bottom) / 2);
    }
  }

  private static int parts(int squares) {
    return Math.max(1, (int) Math.round(squares / PART));
  }

  /** The parts of each tile, with a little paper about them. */
  List<Patch> patches() {
    List<Patch> patches = new ArrayList<>();
    for (TilePlace tile : table.papers()) {
      Ruling ruling = tile.ruling();
      int across = parts(ruling.columns());
      int down = parts(ruling.rows());
      double width = ruling.columns() * ruling.side() / across;
      double height = ruling.rows() * ruling.side() / down;
      for (int column = 0; column < across; column++) {
        for (int row = 0; row < down; row++) {
          double left = ruling.left() + column * width;
          double top = ruling.top() + row * height;
          patches.add(
              new Patch(left - AROUND, top - AROUND, left + width + AROUND, top + height + AROUND));
        }
      }
    }
    return patches;
  }
}
