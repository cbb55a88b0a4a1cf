package bemble.app.scan.sight;

import bemble.app.export.ExerciseSheets;
import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.Ruling;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.sight.SheetFinder.Found;
import bemble.app.scan.sight.SheetMap.Shift;
import bemble.ink.Window;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Looks for exercise sheets in pictures. */
public final class Sight {
  /** Dots of a flat sheet for a millimetre. */
  public static final double DOTS = 8;

  /** Paper around the marks that a flat sheet shows too, in millimetres. */
  public static final double EDGE = 7;

  /** The number of marks with which a sheet is found even if a copier has lost its pale lines. */
  private static final int PLENTY = 5;

  /** The share of parts that must be where the marks place them, if there are fewer marks. */
  private static final double LEAST_AGREED = 0.5;

  /** The light on the paper is looked at in parts of so many millimetres. */
  private static final double PAPER = 6;

  /** Dots in a row between which a sheet goes straight on. */
  private static final int RUN = 8;

  /** How light paper is on a flat sheet. */
  private static final double WHITE = 248;

  private Sight() {}

  /** The results of looking at a picture. */
  public sealed interface Seen {}

  /** The picture shows no known code; {@code foreign} is the text of another one. */
  public record NoSheet(Optional<String> foreign) implements Seen {}

  /** A code, and fewer marks than are needed. */
  public record CutOff(String code) implements Seen {}

  /**
   * A sheet, laid flat. A point so many millimetres from its first mark is {@link #EDGE} more from
   * the edges of the picture, of which {@link #DOTS} dots take a millimetre.
   */
  public record Flat(String code, SheetTable table, GreyPicture picture) implements Seen {
    /** The ink of a square and about it. */
    public Window window(TilePlace tile, Square square) {
      Dot corner = EmptySheet.corner(tile, square);
      double step = tile.ruling().side() / Window.SQUARE;
      byte[] dark = new byte[Window.SIDE * Window.SIDE];
      for (int row = 0; row < Window.SIDE; row++) {
        double y = dots(corner.y() + (row - Window.MARGIN + 0.5) * step);
        for (int column = 0; column < Window.SIDE; column++) {
          double x = dots(corner.x() + (column - Window.MARGIN + 0.5) * step);
          double tone = Math.max(0, WHITE - picture.between(x, y));
          dark[row * Window.SIDE + column] = (byte) Math.round(tone * 255 / WHITE);
        }
      }
      return new Window(dark);
    }

    private static double dots(double millimetres) {
      return (millimetres + EDGE) * DOTS;
    }
  }

  /**
   * Finds the sheet in a picture.
   *
   * @param tables the table of the sheet whose code says so
   */
  public static Seen look(GreyPicture picture, Function<String, Optional<SheetTable>> tables) {
    List<FoundCode> codes = CodeFinder.in(picture);
    for (FoundCode code : codes) {
      Optional<SheetTable> table = tables.apply(code.text());
      if (table.isPresent()) {
        return look(picture, alike(codes, code), table.get());
      }
    }
    return new NoSheet(codes.stream().map(FoundCode::text).findFirst());
  }

  /** The codes that say the same: another sheet may be seen beside it. */
  private static List<FoundCode> alike(List<FoundCode> codes, FoundCode code) {
    return codes.stream().filter(each -> each.text().equals(code.text())).toList();
  }

  /**
   * A sheet that is held before a camera.
   *
   * @param code the text of its code
   * @param whole whether enough of it is seen to be read
   * @param x where the code lies, as a share of the picture's width
   * @param y the same of its height
   */
  public record Glimpse(String code, boolean whole, double x, double y) {}

  /** Looks for the code of a sheet only, which is much faster than laying the sheet flat. */
  public static Optional<Glimpse> glimpse(
      GreyPicture picture, Function<String, Optional<SheetTable>> tables) {
    List<FoundCode> codes = CodeFinder.atAGlance(picture);
    return codes.stream()
        .findFirst()
        .map(
            code -> {
              boolean whole =
                  tables
                      .apply(code.text())
                      .filter(table -> isWhole(picture, table, alike(codes, code)))
                      .isPresent();
              double x = code.corner().x() / picture.width();
              return new Glimpse(code.text(), whole, x, code.corner().y() / picture.height());
            });
  }

  private static boolean isWhole(GreyPicture picture, SheetTable table, List<FoundCode> codes) {
    return new SheetFinder(picture)
        .find(codes, ExerciseSheets.landmarks(table, codes.get(0).text()))
        .filter(Found::isEnough)
        .filter(found -> isWhole(picture, table, found.flat()::see))
        .isPresent();
  }

  /** Whether all squares are in the picture: squares outside it may not be blank. */
  private static boolean isWhole(GreyPicture picture, SheetTable table, UnaryOperator<Dot> seen) {
    return table.papers().stream()
        .flatMap(
            tile -> {
              Ruling ruling = tile.ruling();
              return Stream.of(
                  new Dot(ruling.left(), ruling.top()), new Dot(ruling.right(), ruling.bottom()));
            })
        .map(seen)
        .allMatch(
            dot ->
                dot.x() >= 0
                    && dot.y() >= 0
                    && dot.x() < picture.width()
                    && dot.y() < picture.height());
  }

  /** The text of the first code in a picture. */
  public static Optional<String> code(GreyPicture picture) {
    return CodeFinder.in(picture).stream().map(FoundCode::text).findFirst();
  }

  private static Seen look(GreyPicture picture, List<FoundCode> codes, SheetTable table) {
    String code = codes.get(0).text();
    Optional<Found> found =
        new SheetFinder(picture).find(codes, ExerciseSheets.landmarks(table, code));
    if (found.isEmpty() || !found.get().isEnough()) {
      return new CutOff(code);
    }
    Laid laid = lay(picture, table, found.get());
    boolean isSure = found.get().marks() >= PLENTY || laid.agreed() >= LEAST_AGREED;
    return isSure && isWhole(picture, table, laid.map()::see)
        ? new Flat(code, table, lit(flat(picture, laid.map(), table, DOTS, EDGE)))
        : new CutOff(code);
  }

  /**
   * How a sheet lies.
   *
   * @param agreed the share of its parts whose lines are where they are expected
   */
  record Laid(SheetMap map, double agreed) {}

  /** How the sheet lies, by its marks first and then by its lines, twice. */
  static Laid lay(GreyPicture picture, SheetTable table, Found found) {
    List<Shift> marks = SheetMap.shifts(found.flat(), found.pairs());
    SheetMap map = SheetMap.of(found.flat(), marks);
    EmptySheet template = new EmptySheet(table, Registration.DOTS);
    double agreed = 0;
    for (int round = 0; round < 2; round++) {
      List<Shift> lines =
          Registration.of(template, flat(picture, map, table, Registration.DOTS, 0));
      agreed = lines.size() / (double) template.patches().size();
      List<Shift> shifts = new ArrayList<>(marks);
      for (Shift shift : lines) {
        Dot moved = map.moved(shift.sheet().plus(shift.right(), shift.down()));
        shifts.add(
            new Shift(
                shift.sheet(),
                moved.x() - shift.sheet().x(),
                moved.y() - shift.sheet().y(),
                shift.weight()));
      }
      map = SheetMap.of(found.flat(), shifts);
    }
    return new Laid(map, agreed);
  }

  /** The same with its paper white everywhere, whatever light fell on it. */
  private static GreyPicture lit(GreyPicture flat) {
    PaperLight paper = new PaperLight(flat, (int) (PAPER * DOTS));
    byte[] grey = new byte[flat.grey().length];
    for (int y = 0; y < flat.height(); y++) {
      double[] light = paper.row(y);
      for (int x = 0; x < flat.width(); x++) {
        int at = y * flat.width() + x;
        double lit = WHITE * (flat.grey()[at] & 0xFF) / Math.max(1, light[x]);
        grey[at] = (byte) Math.min(255, lit + 0.5);
      }
    }
    return new GreyPicture(flat.width(), flat.height(), grey);
  }

  private static GreyPicture flat(
      GreyPicture picture, SheetMap map, SheetTable table, double dots, double edge) {
    int width = (int) ((table.across() + 2 * edge) * dots) + 1;
    int height = (int) ((table.down() + 2 * edge) * dots) + 1;
    byte[] grey = new byte[width * height];
    for (int y = 0; y < height; y++) {
      Dot from = map.see(sheet(0, y, dots, edge));
      for (int left = 0; left < width; left += RUN) {
        Dot to = map.see(sheet(left + RUN, y, dots, edge));
        double right = (to.x() - from.x()) / RUN;
        double down = (to.y() - from.y()) / RUN;
        picture.line(from, right, down, grey, y * width + left, Math.min(RUN, width - left));
        from = to;
      }
    }
    return new GreyPicture(width, height, grey);
  }

  /** The point of the sheet that the middle of a dot shows. */
  private static Dot sheet(int x, int y, double dots, double edge) {
    return new Dot((x + 0.5) / dots - edge, (y + 0.5) / dots - edge);
  }
}
