package bemble.app.scan;

import bemble.app.export.Exercise;
import bemble.app.export.ExerciseSheets;
import bemble.app.export.PdfRequest;
import bemble.app.export.SheetTable;
import bemble.app.scan.sight.GreyPicture;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Style;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * A sheet with some sums, as it comes out of the printer.
 *
 * @param picture of {@link #DOTS} a millimetre
 */
public record PrintedSheet(List<Sum> sums, SheetTable table, GreyPicture picture) {
  /** The text of its codes. */
  public static final String CODE = "BEMBLE2 12/345/9F3A07C1";

  public static final double DOTS = FilledSheet.DOTS;

  /** A sheet with its sums and nothing else. */
  public static final Exercise.Room PLAIN = new Exercise.Room(true, "", "", "", "");

  private static final double MILLIMETRES_AN_INCH = 25.4;

  /**
   * Prints the first sheet with some sums.
   *
   * @param room the other parts of the sheet
   * @param side of a square, in millimetres
   */
  public static PrintedSheet of(
      Exercise.Layout layout, Exercise.Room room, int side, Stream<String> lines)
      throws IOException {
    List<Sum> sums = lines.map(PrintedSheet::sum).toList();
    ExerciseSheets sheets =
        ExerciseSheets.laid(
            sums, layout, room, new Exercise.Words("Answer", "r"), PdfRequest.Size.A4, side);
    List<SheetTable> tables = sheets.tables(null, false);
    List<String> codes = tables.stream().map(any -> CODE).toList();
    byte[] pdf =
        sheets.drawn(
            "Potting shed", List.of(new ExerciseSheets.Copy("Name:", "No. 7", false, codes)));
    try (PDDocument document = Loader.loadPDF(pdf)) {
      float dots = (float) (DOTS * MILLIMETRES_AN_INCH);
      return new PrintedSheet(
          sums,
          tables.get(0),
          GreyPicture.of(new PDFRenderer(document).renderImageWithDPI(0, dots, ImageType.GRAY)));
    }
  }

  /** A sum in the usual method and style. */
  public static Sum sum(String line) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    return new Sum(problem, Methods.usual(problem.operation()), Style.STANDARD);
  }
}
