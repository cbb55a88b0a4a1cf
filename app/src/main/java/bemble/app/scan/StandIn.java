package bemble.app.scan;

import bemble.app.export.Exercise;
import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.http.RefusedException;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.SimulatedRequest;
import bemble.app.marking.PupilSheets;
import bemble.app.marking.PupilSheets.CopiesRequest;
import bemble.app.marking.Simulation;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import bemble.app.scan.standin.Camera;
import bemble.app.scan.standin.StandInHand;
import bemble.app.scan.standin.View;
import bemble.app.scan.standin.WritingHand;
import bemble.app.sets.SheetBook;
import bemble.app.sets.SheetCode;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Piles of sheets that are made up: filled in by simulated pupils and seen by a made-up camera. */
@Service
class StandIn {
  /** Dots a millimetre of the sheets that are filled in. */
  static final double DOTS = 8;

  private static final double MILLIMETRES_AN_INCH = 25.4;

  /** From the edge of the sheet to its first mark, in millimetres. */
  static final double CORNER = 9;

  private static final float QUALITY = 0.75f;

  private final PupilSheets sheets;
  private final Simulation simulation;
  private final SheetBook book;

  StandIn(PupilSheets sheets, Simulation simulation, SheetBook book) {
    this.sheets = sheets;
    this.simulation = simulation;
    this.book = book;
  }

  /**
   * How a pile is made.
   *
   * @param seed the same gives the same pile
   * @param photographed whether each sheet is photographed by hand, and not fed to a copier
   * @param most pupils; all if left out
   */
  record StandInRequest(
      @Nullable Long seed, @Nullable Boolean photographed, @Nullable Integer most) {}

  /** The sheets of a handout as PDF, filled in and seen. */
  byte[] pile(long handout, StandInRequest request) {
    long seed = request.seed() == null ? handout : request.seed();
    Random random = new Random(seed);
    Map<Long, Map<Integer, String>> answers =
        simulation.answers(handout, new SimulatedRequest(null, seed, request.most())).stream()
            .collect(
                Collectors.groupingBy(
                    CellRequest::pupil, Collectors.toMap(CellRequest::number, CellRequest::given)));
    if (answers.isEmpty()) {
      throw RefusedException.of("all-answered");
    }
    CopiesRequest look = new CopiesRequest(null, 10, Exercise.Layout.LINE, null, null);
    try (PDDocument printed = Loader.loadPDF(sheets.pdf(handout, look));
        PDDocument pile = new PDDocument()) {
      PDFRenderer renderer = new PDFRenderer(printed);
      for (int page = 0; page < printed.getNumberOfPages(); page++) {
        GreyPicture empty =
            GreyPicture.of(
                renderer.renderImageWithDPI(
                    page, (float) (DOTS * MILLIMETRES_AN_INCH), ImageType.GRAY));
        SheetCode code = Sight.code(empty).flatMap(SheetCode::read).orElseThrow();
        Map<Integer, String> own = answers.get(code.copy());
        if (own != null) {
          SheetTable table = book.of(code).orElseThrow();
          GreyPicture filled = filled(empty, table, own, new StandInHand(seed + code.copy()));
          add(pile, seen(filled, request, random));
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pile.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static GreyPicture seen(GreyPicture filled, StandInRequest request, Random random) {
    boolean photographed = Boolean.TRUE.equals(request.photographed());
    View view = photographed ? View.byHand(random) : View.copied(random);
    return new Camera(view, filled.width() / DOTS, filled.height() / DOTS).take(filled, random);
  }

  private static void add(PDDocument pile, GreyPicture picture) throws IOException {
    float longer = PDRectangle.A4.getHeight() / Math.max(picture.width(), picture.height());
    PDRectangle size = new PDRectangle(picture.width() * longer, picture.height() * longer);
    PDPage page = new PDPage(size);
    pile.addPage(page);
    PDImageXObject image = JPEGFactory.createFromImage(pile, picture.image(), QUALITY);
    try (PDPageContentStream out = new PDPageContentStream(pile, page)) {
      out.drawImage(image, 0, 0, size.getWidth(), size.getHeight());
    }
  }

  /** A sheet with answers to its sums, by their numbers from 0. */
  static GreyPicture filled(
      GreyPicture empty, SheetTable table, Map<Integer, String> answers, WritingHand hand) {
    BufferedImage image = empty.image();
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    pen.scale(DOTS, DOTS);
    for (TilePlace tile : table.tiles()) {
      String given = answers.getOrDefault(tile.number() - 1, "");
      String[] parts = given.split(" ?r ?");
      write(pen, hand, tile, Part.ANSWER, parts[0]);
      if (parts.length > 1) {
        write(pen, hand, tile, Part.REMAINDER, parts[1]);
      }
    }
    pen.dispose();
    return GreyPicture.of(image);
  }

  /** Writes a number, its last figure in the last of the squares that are meant for it. */
  private static void write(
      Graphics2D pen, WritingHand hand, TilePlace tile, Part part, String number) {
    String figures = number.replaceAll("\\D", "");
    List<ReadSquare> squares =
        tile.squares().stream()
            .filter(square -> square.part() == part)
            .sorted(Comparator.comparing(ReadSquare::place))
            .toList();
    for (int i = 0; i < Math.min(figures.length(), squares.size()); i++) {
      ReadSquare square = squares.get(i);
      hand.write(
          pen,
          figures.charAt(figures.length() - 1 - i),
          CORNER + tile.leftOf(square.column()),
          CORNER + tile.topOf(square.row()),
          tile.side());
    }
  }
}
