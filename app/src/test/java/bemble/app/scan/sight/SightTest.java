package bemble.app.scan.sight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.export.Exercise;
import bemble.app.export.ExerciseSheets;
import bemble.app.export.PdfRequest;
import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.PrintedSheet;
import bemble.app.scan.standin.Camera;
import bemble.app.scan.standin.View;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets as a made-up camera sees them, which knows where every square is. */
class SightTest {
  private static final String CODE = PrintedSheet.CODE;
  private static final double DOTS = PrintedSheet.DOTS;
  private static final double CORNER = 9;

  private static SheetTable table;
  private static GreyPicture sheet;

  @BeforeAll
  static void print() throws IOException {
    PrintedSheet printed =
        PrintedSheet.of(
            Exercise.Layout.SET_OUT,
            PrintedSheet.PLAIN,
            10,
            Stream.of("503 − 87", "624 + 388", "67 × 38", "936 ÷ 8", "57 × 4", "84 ÷ 4"));
    table = printed.table();
    sheet = printed.picture();
  }

  private static Camera camera(View view) {
    return new Camera(view, sheet.width() / DOTS, sheet.height() / DOTS);
  }

  private static Sight.Seen look(GreyPicture picture) {
    return Sight.look(picture, code -> code.equals(CODE) ? Optional.of(table) : Optional.empty());
  }

  /** How far the squares of the sheet are from where the camera saw them, in millimetres. */
  private static double farthest(View view, GreyPicture picture, Camera camera) {
    List<FoundCode> codes = CodeFinder.in(picture);
    SheetFinder.Found found =
        new SheetFinder(picture).find(codes, ExerciseSheets.landmarks(table, CODE)).orElseThrow();
    assertTrue(found.isEnough(), view::toString);
    SheetMap map = Sight.lay(picture, table, found).map();
    double farthest = 0;
    for (TilePlace tile : table.tiles()) {
      for (ReadSquare square : tile.squares()) {
        Dot middle =
            EmptySheet.corner(tile, square.at())
                .plus(tile.ruling().side() / 2, tile.ruling().side() / 2);
        double[] seen = camera.see(middle.x() + CORNER, middle.y() + CORNER);
        double off = map.see(middle).distance(new Dot(seen[0], seen[1]));
        farthest = Math.max(farthest, off / found.flat().scale(middle));
      }
    }
    return farthest;
  }

  /**
   * Photographed by hand at any turn, tilted and curled, every square is found to half a
   * millimetre.
   */
  @ParameterizedTest
  @ValueSource(longs = {1, 5, 8})
  void findsEverySquareInAPhotograph(long seed) {
    Random random = new Random(seed);
    View view = View.byHand(random).at(3);
    Camera camera = camera(view);
    double farthest = farthest(view, camera.take(sheet, random), camera);
    assertTrue(farthest < 0.5, () -> farthest + " in " + view);
  }

  @ParameterizedTest
  @ValueSource(longs = {11, 12})
  void findsEverySquareInACopy(long seed) {
    Random random = new Random(seed);
    View view = View.copied(random);
    Camera camera = camera(view);
    double farthest = farthest(view, camera.take(sheet, random), camera);
    assertTrue(farthest < 0.3, () -> farthest + " in " + view);
  }

  /** Even a row of one square has lines by which it is found. */
  @ParameterizedTest
  @EnumSource(Exercise.Layout.class)
  void everySumHasPartsThatAreFound(Exercise.Layout layout) {
    SheetTable one =
        ExerciseSheets.laid(
                List.of(PrintedSheet.sum("57 × 4")),
                layout,
                new Exercise.Room(true, "", "", "", ""),
                new Exercise.Words("Answer", "r"),
                PdfRequest.Size.A4,
                10)
            .tables(null, false)
            .get(0);
    List<EmptySheet.Patch> patches = new EmptySheet(one, Registration.DOTS).patches();
    TilePlace tile = one.tiles().get(0);
    for (ReadSquare square : tile.squares()) {
      Dot middle =
          EmptySheet.corner(tile, square.at())
              .plus(tile.ruling().side() / 2, tile.ruling().side() / 2);
      assertTrue(
          patches.stream()
              .anyMatch(
                  patch ->
                      patch.left() < middle.x()
                          && middle.x() < patch.right()
                          && patch.top() < middle.y()
                          && middle.y() < patch.bottom()),
          square::toString);
    }
  }

  /** A sheet that is laid flat is dark where the printed one is dark. */
  @Test
  void laysASheetFlatAsItWasPrinted() {
    Random random = new Random(4);
    GreyPicture picture = camera(View.byHand(random).at(3)).take(sheet, random);
    Sight.Flat flat = assertInstanceOf(Sight.Flat.class, look(picture));
    assertEquals(CODE, flat.code());
    int edge = (int) ((CORNER - Sight.EDGE) * DOTS);
    int dark = 0;
    int agreed = 0;
    for (int y = 0; y < flat.picture().height(); y += 3) {
      for (int x = 0; x < flat.picture().width(); x += 3) {
        if (sheet.at(x + edge, y + edge) < 60) {
          dark++;
          agreed += flat.picture().at(x, y) < 130 ? 1 : 0;
        }
      }
    }
    assertTrue(dark > 1000 && agreed > 0.85 * dark, agreed + " of " + dark);
  }

  /** Where a part of the sheet is outside the picture it is not guessed. */
  @Test
  void asksForASheetThatIsCutOff() {
    Random random = new Random(21);
    View view = View.copied(random);
    GreyPicture whole = camera(view).take(sheet, random);
    GreyPicture half = whole.part(whole.width() * 2 / 5, 0, whole.width(), whole.height() / 2);
    Sight.Seen seen = look(half);
    assertTrue(seen instanceof Sight.CutOff || seen instanceof Sight.NoSheet, seen::toString);
  }

  /** A sheet is not taken if an answer lies outside the picture: it may not be blank. */
  @Test
  void takesNoSheetOfWhichAnAnswerIsNotSeen() {
    Random random = new Random(22);
    View view = View.copied(random);
    Camera camera = camera(view);
    GreyPicture whole = camera.take(sheet, random);
    TilePlace last = table.tiles().get(table.tiles().size() - 1);
    double bottom = last.ruling().bottom() + CORNER;
    boolean isUpsideDown = camera.see(CORNER, bottom)[1] < whole.height() / 2.0;
    for (int share = 4; share < 10; share++) {
      int kept = whole.height() * share / 10;
      GreyPicture cut =
          isUpsideDown
              ? whole.part(0, whole.height() - kept, whole.width(), whole.height())
              : whole.part(0, 0, whole.width(), kept);
      boolean isSeen = bottom < table.down() * share / 10;
      assertTrue(isSeen || !(look(cut) instanceof Sight.Flat), share + " tenths were enough");
    }
  }

  @Test
  void seesNoSheetWhereThereIsNone() {
    assertInstanceOf(Sight.NoSheet.class, look(new GreyPicture(900, 600, new byte[900 * 600])));
    Sight.Seen other = Sight.look(sheet, code -> Optional.empty());
    assertEquals(new Sight.NoSheet(Optional.of(CODE)), other);
  }
}
