package bemble.app.scan;

import bemble.app.export.SheetTable.Boxes;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.Ruling;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.IntSummaryStatistics;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;

/** Parts of a sheet that was laid flat, to be looked at. */
final class CutOuts {
  /** The names of the pictures of a page. */
  static final String SHEET = "sheet.jpg";

  static final String WRITER = "writer.jpg";

  /** Paper around a cut-out, in sides of a square. */
  static final double AROUND = 0.16;

  /**
   * The height of the strips of a sheet above and below a sum that are shown too, in millimetres.
   */
  private static final double BAND = 9;

  /** The heading of a sheet, with the line for the name, in millimetres from its first mark. */
  private static final double HEADING_TOP = 4;

  private static final double HEADING_BOTTOM = 27;

  private final Sight.Flat flat;
  private final BufferedImage image;

  CutOuts(Sight.Flat flat) {
    this.flat = flat;
    this.image = flat.picture().image();
  }

  static String answer(int number) {
    return "answer-" + number + ".jpg";
  }

  static String band(int number) {
    return "band-" + number + ".jpg";
  }

  static String squares(int number) {
    return "squares-" + number + ".jpg";
  }

  /** The whole sheet. */
  byte[] sheet() {
    return written(image, "jpg");
  }

  /** The picture of the place where the writer's name stands. */
  byte[] writer() {
    double right = flat.table().across() - 26;
    BufferedImage heading = part(0, HEADING_TOP, right, HEADING_BOTTOM);
    Boxes boxes = flat.table().number();
    if (boxes == null) {
      return written(heading, "jpg");
    }
    double top = boxes.top() - 0.4 * boxes.side();
    double bottom = boxes.top() + 1.4 * boxes.side();
    return written(below(heading, part(20, top, right, bottom)), "jpg");
  }

  private static BufferedImage below(BufferedImage upper, BufferedImage lower) {
    int width = Math.max(upper.getWidth(), lower.getWidth());
    BufferedImage both =
        new BufferedImage(
            width, upper.getHeight() + lower.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D pen = both.createGraphics();
    pen.drawImage(upper, 0, 0, null);
    pen.drawImage(lower, 0, upper.getHeight(), null);
    pen.dispose();
    return both;
  }

  /** The squares of an answer; the first form of sheets does not tell them, and shows all. */
  byte[] answer(TilePlace tile) {
    if (tile.squares().isEmpty()) {
      return band(tile);
    }
    Squares shown = Squares.of(tile);
    Ruling ruling = tile.ruling();
    return written(
        part(
            ruling.leftOf(shown.left() - AROUND),
            ruling.topOf(shown.top() - AROUND),
            ruling.leftOf(shown.right() + AROUND),
            ruling.topOf(shown.bottom() + AROUND)),
        "jpg");
  }

  /** The squares that the cut-out of an answer shows, without those at the right and the bottom. */
  record Squares(int left, int top, int right, int bottom) {
    static Squares of(TilePlace tile) {
      IntSummaryStatistics columns =
          tile.squares().stream().collect(Collectors.summarizingInt(ReadSquare::column));
      IntSummaryStatistics rows =
          tile.squares().stream().collect(Collectors.summarizingInt(ReadSquare::row));
      return tile.squares().isEmpty()
          ? new Squares(0, 0, 0, 0)
          : new Squares(columns.getMin(), rows.getMin(), columns.getMax() + 1, rows.getMax() + 1);
    }
  }

  /** The squares on which a sum is set out. */
  byte[] squares(TilePlace tile) {
    Ruling ruling = tile.ruling();
    return written(part(ruling.left(), ruling.top(), ruling.right(), ruling.bottom()), "jpg");
  }

  /** The band of the sheet in which a sum stands. */
  byte[] band(TilePlace tile) {
    Ruling ruling = tile.ruling();
    return written(
        part(0, ruling.top() - BAND, flat.table().across(), ruling.bottom() + BAND), "jpg");
  }

  /** A part, in millimetres from the first mark, cut off at the edges of the sheet. */
  private BufferedImage part(double left, double top, double right, double bottom) {
    GreyPicture part = flat.picture().part(dots(left), dots(top), dots(right), dots(bottom));
    return part.image();
  }

  private static int dots(double millimetres) {
    return (int) Math.round((millimetres + Sight.EDGE) * Sight.DOTS);
  }

  private static byte[] written(BufferedImage image, String format) {
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      ImageIO.write(image, format, bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
