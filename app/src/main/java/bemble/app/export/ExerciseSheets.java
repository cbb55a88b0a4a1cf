package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Pen;
import bemble.app.export.Canvas.Point;
import bemble.app.export.PdfBook.Frame;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.working.WorkingWords;
import bemble.method.Sum;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/**
 * Exercise sheets: each with four corner marks and a code that tells which sheet it is. They are
 * laid first, so that the table of each is kept before its code is drawn.
 */
public final class ExerciseSheets {
  private static final double POINTS_A_MILLIMETRE = 72 / 25.4;

  /** From the edge of the sheet to the middle of a corner mark, and half its side. */
  private static final double CORNER = 9 * POINTS_A_MILLIMETRE;

  private static final double HALF_MARK = 2 * POINTS_A_MILLIMETRE;

  /** The side of the code; it stands at the right of the block above the sums. */
  private static final double CODE = 19 * POINTS_A_MILLIMETRE;

  private static final double ABOVE = CODE + 8;

  private final PdfRequest.Size size;
  private final List<Sum> sums;
  private final List<List<Tile>> sheets;
  private final Map<Frame, Integer> places = new IdentityHashMap<>();

  private ExerciseSheets(PdfRequest.Size size, List<Sum> sums, List<Exercise> of, double side) {
    this.size = size;
    this.sums = sums;
    List<Frame> frames = of.stream().map(Exercise::frame).toList();
    for (int i = 0; i < frames.size(); i++) {
      places.put(frames.get(i), i);
    }
    try (PdfBook book = new PdfBook(size)) {
      sheets = Tile.laid(frames, book.room(ABOVE), side);
    }
  }

  /**
   * Lays some sums on sheets.
   *
   * @param millimetres the side of a square
   */
  public static ExerciseSheets laid(
      List<Sum> sums,
      Exercise.Layout layout,
      Exercise.Room room,
      PdfRequest.Size size,
      double millimetres) {
    List<Exercise> exercises = new ArrayList<>();
    for (Sum sum : sums) {
      String problem = WorkingWords.of(sum.style()).problem(sum.problem());
      exercises.add(Exercise.of(exercises.size() + 1, problem, sum, layout, room));
    }
    return new ExerciseSheets(size, sums, exercises, millimetres * POINTS_A_MILLIMETRE);
  }

  /** Where everything lies, sheet by sheet. */
  public List<SheetTable> tables() {
    try (PdfBook book = new PdfBook(size)) {
      double across = millimetres(book.width() - 2 * CORNER);
      double down = millimetres(book.height() - 2 * CORNER);
      return sheets.stream()
          .map(
              tiles ->
                  new SheetTable(
                      SheetTable.VERSION, across, down, tiles.stream().map(this::place).toList()))
          .toList();
    }
  }

  private TilePlace place(Tile tile) {
    int place = places.get(tile.frame());
    Sum sum = sums.get(place);
    return new TilePlace(
        place + 1,
        WorkingWords.plain(sum.problem()),
        sum.method().id(),
        millimetres(PdfBook.MARGIN + tile.left() - CORNER),
        millimetres(PdfBook.MARGIN + ABOVE + tile.top() + PdfBook.HEADING - CORNER),
        millimetres(tile.side()),
        tile.area().from().row(),
        tile.area().from().column(),
        PdfBook.rows(tile.area()),
        tile.area().columns());
  }

  /** To a thousandth. */
  private static double millimetres(double points) {
    return Math.round(points / POINTS_A_MILLIMETRE * 1000) / 1000.0;
  }

  /**
   * The sheets as PDF.
   *
   * @param name the line for name and day
   * @param codes what the code of each sheet says
   */
  public byte[] drawn(String heading, String name, List<String> codes) {
    try (PdfBook book = new PdfBook(size)) {
      for (int i = 0; i < sheets.size(); i++) {
        List<Tile> tiles = sheets.get(i);
        String code = codes.get(i);
        book.sheet(
            (out, space) -> {
              corners(book, out);
              code(book, out, code);
              book.heading(out, space, heading, space.width() - CODE - PdfBook.HEADING);
              name(book, out, name);
              for (Tile tile : tiles) {
                book.tile(out, space, tile, ABOVE);
              }
            });
      }
      return book.bytes();
    }
  }

  /**
   * Three full squares and, at the lower right, an open one, so that a picture has an upper side.
   */
  private static void corners(PdfBook book, PDPageContentStream out) {
    PdfCanvas canvas = book.canvas(out);
    for (double x : List.of(CORNER, book.width() - CORNER)) {
      for (double y : List.of(CORNER, book.height() - CORNER)) {
        boolean open = x > CORNER && y > CORNER;
        Pen pen = open ? new Pen(null, Ink.BLACK, HALF_MARK / 2, false) : Pen.filled(Ink.BLACK);
        double half = open ? HALF_MARK * 0.75 : HALF_MARK;
        canvas.rectangle(new Point(x - half, y - half), 2 * half, 2 * half, 0, pen);
      }
    }
  }

  private static void code(PdfBook book, PDPageContentStream out, String code) {
    BitMatrix matrix = matrix(code);
    double side = CODE / matrix.getWidth();
    double left = book.width() - PdfBook.MARGIN - CODE;
    PdfCanvas canvas = book.canvas(out);
    for (int row = 0; row < matrix.getHeight(); row++) {
      int from = 0;
      while (from < matrix.getWidth()) {
        int to = from;
        while (to < matrix.getWidth() && matrix.get(to, row)) {
          to++;
        }
        if (to > from) {
          Point corner = new Point(left + from * side, PdfBook.MARGIN + row * side);
          canvas.rectangle(corner, (to - from) * side, side, 0, Pen.filled(Ink.BLACK));
        }
        from = to + 1;
      }
    }
  }

  private static BitMatrix matrix(String code) {
    Map<EncodeHintType, Object> hints =
        Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 0);
    try {
      return new QRCodeWriter().encode(code, BarcodeFormat.QR_CODE, 0, 0, hints);
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void name(PdfBook book, PDPageContentStream out, String name) {
    Lettering letters = new Lettering(PdfBook.HEADING * 0.7, false, Ink.TEXT, Anchor.START);
    book.canvas(out).text(new Point(PdfBook.MARGIN, PdfBook.MARGIN + ABOVE * 0.62), name, letters);
  }
}
