package bemble.app.scan.sight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.export.ExerciseSheets;
import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.PrintedSheet;
import bemble.app.scan.standin.Camera;
import bemble.app.scan.standin.View;
import bemble.app.sets.SheetCode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import java.util.Random;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Sheets that were handed out in the first form, which has four marks and one code, are found like
 * others. One was kept with its table as it was printed then.
 */
class FirstFormTest {
  private static final String CODE = "BEMBLE SET 4 A SHEET 1 NO 17";
  private static final double MILLIMETRES_AN_INCH = 25.4;
  private static final double CORNER = 9;

  private static SheetTable table;
  private static GreyPicture sheet;

  @BeforeAll
  static void print() throws IOException {
    try (InputStream json = FirstFormTest.class.getResourceAsStream("version-1.json");
        InputStream pdf = FirstFormTest.class.getResourceAsStream("version-1.pdf");
        PDDocument document = Loader.loadPDF(pdf.readAllBytes())) {
      table = new ObjectMapper().readValue(json, SheetTable.class);
      float dots = (float) (PrintedSheet.DOTS * MILLIMETRES_AN_INCH);
      sheet = GreyPicture.of(new PDFRenderer(document).renderImageWithDPI(0, dots, ImageType.GRAY));
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 5, 8})
  void isFoundInPhotographsAndCopies(long seed) {
    assertEquals(17, SheetCode.read(CODE).orElseThrow().sheet());
    Random random = new Random(seed);
    View view = seed % 2 == 0 ? View.copied(random) : View.byHand(random).at(4);
    Camera camera =
        new Camera(view, sheet.width() / PrintedSheet.DOTS, sheet.height() / PrintedSheet.DOTS);
    GreyPicture picture = camera.take(sheet, random);
    Sight.Seen seen =
        Sight.look(picture, code -> Optional.of(table).filter(any -> code.equals(CODE)));
    assertTrue(seen instanceof Sight.Flat, () -> seen.getClass() + " in " + view);
    SheetFinder.Found found =
        new SheetFinder(picture)
            .find(CodeFinder.in(picture), ExerciseSheets.landmarks(table, CODE))
            .orElseThrow();
    SheetMap map = Sight.lay(picture, table, found).map();
    for (TilePlace tile : table.tiles()) {
      Dot corner = new Dot(tile.ruling().left(), tile.ruling().top());
      double[] truly = camera.see(corner.x() + CORNER, corner.y() + CORNER);
      double off = map.see(corner).distance(new Dot(truly[0], truly[1]));
      assertTrue(off / found.flat().scale(corner) < 0.5, () -> off + " in " + view);
    }
  }
}
