package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Pen;
import bemble.app.export.Canvas.Point;
import bemble.app.export.PdfBook.Frame;
import bemble.app.export.SheetTable.Boxes;
import bemble.app.export.SheetTable.Ruling;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.working.WorkingWords;
import bemble.method.Sum;
import com.fasterxml.jackson.databind.JsonNode;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Exercise sheets: each with marks in its corners and in the middle of its long edges, and a code
 * that tells twice which sheet it is. They are laid first, so that the table of each is kept before
 * its code is drawn.
 */
public final class ExerciseSheets {
  private static final double POINTS_A_MILLIMETRE = 72 / 25.4;

  /** The distance from the edge of the sheet to the middle of a corner mark, and half its side. */
  private static final double CORNER = 9 * POINTS_A_MILLIMETRE;

  private static final double HALF_MARK = 2 * POINTS_A_MILLIMETRE;

  /** The side of the code; it stands at the right of the block above the sums. */
  private static final double CODE = 19 * POINTS_A_MILLIMETRE;

  private static final double ABOVE = CODE + 8;

  /** The side of the second code, at the lower left, and the space that it takes below the sums. */
  private static final double SECOND_CODE = 17 * POINTS_A_MILLIMETRE;

  private static final double BELOW = SECOND_CODE + 8;

  /** The side of a box for a figure of the number in the class. */
  private static final double NUMBER_BOX = 9 * POINTS_A_MILLIMETRE;

  private final PdfRequest.Size size;
  private final List<Sum> sums;
  private final Exercise.Layout layout;
  private final List<List<Tile>> sheets;
  private final Map<Frame, Integer> places = new IdentityHashMap<>();

  private final List<Exercise> exercises;
  private final Optional<Exercise> figures;

  private ExerciseSheets(
      PdfRequest.Size size,
      List<Sum> sums,
      Exercise.Layout layout,
      List<Exercise> of,
      Optional<Exercise> figures,
      double side) {
    this.size = size;
    this.sums = sums;
    this.layout = layout;
    this.exercises = of;
    this.figures = figures;
    List<Frame> frames = of.stream().map(Exercise::frame).toList();
    for (int i = 0; i < frames.size(); i++) {
      places.put(frames.get(i), i);
    }
    // The samples of figures come first: they decide how the other squares are read.
    List<Frame> all = new ArrayList<>(frames);
    figures.map(Exercise::frame).ifPresent(frame -> all.add(0, frame));
    try (PdfBook book = new PdfBook(size)) {
      sheets = Tile.laid(all, book.room(ABOVE + BELOW), side);
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
      Exercise.Words words,
      PdfRequest.Size size,
      double millimetres) {
    List<Exercise> exercises = new ArrayList<>();
    for (Sum sum : sums) {
      String problem = WorkingWords.of(sum.style()).problem(sum.problem());
      exercises.add(Exercise.of(exercises.size() + 1, problem, sum, layout, room, words));
    }
    Optional<Exercise> figures =
        Optional.of(room.figures()).filter(said -> !said.isEmpty()).map(Exercise::figures);
    double side = millimetres * POINTS_A_MILLIMETRE;
    return new ExerciseSheets(size, sums, layout, exercises, figures, side);
  }

  /**
   * Where everything lies, sheet by sheet.
   *
   * @param style of the class, as it is kept with them
   * @param numbered whether there are boxes for the number in the class
   */
  public List<SheetTable> tables(JsonNode style, boolean numbered) {
    try (PdfBook book = new PdfBook(size)) {
      double across = millimetres(book.width() - 2 * CORNER);
      double down = millimetres(book.height() - 2 * CORNER);
      Point at = numberBoxes(book);
      Boxes number =
          numbered
              ? new Boxes(
                  millimetres(at.x() - CORNER),
                  millimetres(at.y() - CORNER),
                  millimetres(NUMBER_BOX))
              : null;
      return sheets.stream()
          .map(
              tiles ->
                  new SheetTable(
                      SheetTable.VERSION,
                      across,
                      down,
                      tiles.stream().filter(this::isOfSum).map(this::place).toList(),
                      style,
                      number,
                      figures(tiles)))
          .toList();
    }
  }

  /** The upper left corner of the boxes for the number, beside the second code. */
  private static Point numberBoxes(PdfBook book) {
    double middle = book.height() - PdfBook.MARGIN - SECOND_CODE / 2;
    return new Point(
        PdfBook.MARGIN + SECOND_CODE + 62 * POINTS_A_MILLIMETRE, middle - NUMBER_BOX / 2);
  }

  private boolean isOfSum(Tile tile) {
    return places.containsKey(tile.frame());
  }

  private @Nullable TilePlace figures(List<Tile> tiles) {
    return tiles.stream()
        .filter(tile -> !isOfSum(tile))
        .findFirst()
        .map(tile -> place(tile, 0, "", "", figures.orElseThrow(), null))
        .orElse(null);
  }

  private TilePlace place(Tile tile) {
    int place = Objects.requireNonNull(places.get(tile.frame()));
    Sum sum = sums.get(place);
    String plain = WorkingWords.plain(sum.problem());
    Integer setOut = layout == Exercise.Layout.SET_OUT ? sum.method().layout() : null;
    return place(tile, place + 1, plain, sum.method().id(), exercises.get(place), setOut);
  }

  private static TilePlace place(
      Tile tile,
      int number,
      String plain,
      String method,
      Exercise exercise,
      @Nullable Integer setOutAs) {
    return new TilePlace(
        number,
        plain,
        method,
        new Ruling(
            millimetres(PdfBook.MARGIN + tile.left() - CORNER),
            millimetres(PdfBook.MARGIN + ABOVE + tile.top() + PdfBook.HEADING - CORNER),
            millimetres(tile.side()),
            tile.area().from().row(),
            tile.area().from().column(),
            PdfBook.rows(tile.area()),
            tile.area().columns()),
        exercise.squares(),
        setOutAs);
  }

  /** To a thousandth. */
  private static double millimetres(double points) {
    return Math.round(points / POINTS_A_MILLIMETRE * 1000) / 1000.0;
  }

  /**
   * A copy of the sheets.
   *
   * @param name the line for name and day
   * @param number the number of its writer in the class, or the words before the boxes for it
   * @param boxed whether there are such boxes
   * @param codes the text in the code of each sheet
   */
  public record Copy(String name, String number, boolean boxed, List<String> codes) {}

  /** The copies as PDF, one behind the other. */
  public byte[] drawn(String heading, List<Copy> copies) {
    try (PdfBook book = new PdfBook(size)) {
      for (Copy copy : copies) {
        for (int i = 0; i < sheets.size(); i++) {
          draw(book, sheets.get(i), heading, copy, copy.codes().get(i));
        }
      }
      return book.bytes();
    }
  }

  private void draw(PdfBook book, List<Tile> tiles, String heading, Copy copy, String code) {
    book.sheet(
        (out, space) -> {
          PdfCanvas canvas = book.canvas(out);
          marks(book, canvas);
          codes(book, canvas, code);
          book.heading(out, space, heading, space.width() - CODE - PdfBook.HEADING);
          name(canvas, copy.name());
          number(book, canvas, copy);
          for (Tile tile : tiles) {
            book.tile(out, space, tile, ABOVE);
          }
        });
  }

  private static void number(PdfBook book, PdfCanvas canvas, Copy copy) {
    Point boxes = numberBoxes(book);
    double letters = copy.boxed() ? PdfBook.HEADING * 0.7 : PdfBook.HEADING * 1.3;
    Point at = new Point(PdfBook.MARGIN + SECOND_CODE + 12, boxes.y() + NUMBER_BOX / 2);
    canvas.text(at, copy.number(), new Lettering(letters, !copy.boxed(), Tint.TEXT, Anchor.START));
    if (copy.boxed()) {
      for (int box = 0; box < 2; box++) {
        Point corner = new Point(boxes.x() + box * NUMBER_BOX, boxes.y());
        canvas.rectangle(corner, NUMBER_BOX, NUMBER_BOX, 1.5, new Pen(null, Tint.BOX, 0.8, false));
      }
    }
  }

  /**
   * The marks and codes of a sheet, at known places.
   *
   * @param code the text of its code
   */
  public static SheetLandmarks landmarks(SheetTable table, String code) {
    boolean isFirst = table.version() == 1;
    double edge = millimetres(PdfBook.MARGIN - CORNER);
    double first = millimetres(CODE);
    double second = millimetres(SECOND_CODE);
    List<SheetLandmarks.Mark> marks = new ArrayList<>();
    for (double x : List.of(0.0, table.across())) {
      for (double y : List.of(0.0, table.down() / 2, table.down())) {
        if (!isFirst || y != table.down() / 2) {
          marks.add(new SheetLandmarks.Mark(x, y, x > 0 && y == table.down()));
        }
      }
    }
    int modules =
        CodeMatrix.of(code, isFirst ? ErrorCorrectionLevel.M : ErrorCorrectionLevel.Q).getWidth();
    SheetLandmarks.Code upper =
        new SheetLandmarks.Code(table.across() - edge - first, edge, first, modules);
    SheetLandmarks.Code lower =
        new SheetLandmarks.Code(edge, table.down() - edge - second, second, modules);
    return new SheetLandmarks(marks, isFirst ? List.of(upper) : List.of(upper, lower));
  }

  /** Full squares and, at the lower right, an open one, so that a picture has an upper side. */
  private static void marks(PdfBook book, PdfCanvas canvas) {
    for (double x : List.of(CORNER, book.width() - CORNER)) {
      for (double y : List.of(CORNER, book.height() / 2, book.height() - CORNER)) {
        boolean open = x > CORNER && y > book.height() / 2;
        Pen pen = open ? new Pen(null, Tint.BLACK, HALF_MARK / 2, false) : Pen.filled(Tint.BLACK);
        double half = open ? HALF_MARK * 0.75 : HALF_MARK;
        canvas.rectangle(new Point(x - half, y - half), 2 * half, 2 * half, 0, pen);
      }
    }
  }

  /**
   * Draws the codes at the upper right and at the lower left; nothing is printed within four
   * modules of them.
   */
  private static void codes(PdfBook book, PdfCanvas canvas, String code) {
    BitMatrix matrix = CodeMatrix.of(code, ErrorCorrectionLevel.Q);
    double right = book.width() - PdfBook.MARGIN - CODE;
    code(canvas, matrix, new Point(right, PdfBook.MARGIN), CODE);
    double low = book.height() - PdfBook.MARGIN - SECOND_CODE;
    code(canvas, matrix, new Point(PdfBook.MARGIN, low), SECOND_CODE);
  }

  private static void code(PdfCanvas canvas, BitMatrix matrix, Point at, double width) {
    double side = width / matrix.getWidth();
    for (int row = 0; row < matrix.getHeight(); row++) {
      int from = 0;
      while (from < matrix.getWidth()) {
        int to = from;
        while (to < matrix.getWidth() && matrix.get(to, row)) {
          to++;
        }
        if (to > from) {
          Point corner = new Point(at.x() + from * side, at.y() + row * side);
          canvas.rectangle(corner, (to - from) * side, side, 0, Pen.filled(Tint.BLACK));
        }
        from = to + 1;
      }
    }
  }

  private static void name(PdfCanvas canvas, String name) {
    Lettering letters = new Lettering(PdfBook.HEADING * 0.7, false, Tint.TEXT, Anchor.START);
    canvas.text(new Point(PdfBook.MARGIN, PdfBook.MARGIN + ABOVE * 0.62), name, letters);
  }
}
