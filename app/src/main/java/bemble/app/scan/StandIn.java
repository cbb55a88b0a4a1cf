package bemble.app.scan;

import bemble.app.export.Exercise;
import bemble.app.export.SheetTable;
import bemble.app.marking.MarkingJson.SimulatedRequest;
import bemble.app.marking.PupilSheets;
import bemble.app.marking.PupilSheets.CopiesRequest;
import bemble.app.marking.Simulation;
import bemble.app.marking.Simulation.SimulatedPage;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.FilledSheet.Worked;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import bemble.app.scan.standin.Camera;
import bemble.app.scan.standin.StandInHand;
import bemble.app.scan.standin.View;
import bemble.app.scan.standin.Wear;
import bemble.app.scan.standin.WritingHand;
import bemble.app.sets.SheetBook;
import bemble.app.sets.SheetCode;
import bemble.judge.report.SettingOut;
import bemble.slate.Slate;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
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
  private static final double MILLIMETRES_AN_INCH = 25.4;

  /** The side of squares, in millimetres: for answers, and for whole workings. */
  private static final int SQUARE = 10;

  private static final int SET_OUT_SQUARE = 7;

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
   * @param setOut whether sums are set out and worked on squares, and not only answered
   * @param most pupils; all if left out
   */
  record StandInRequest(
      @Nullable Long seed,
      @Nullable Boolean photographed,
      @Nullable Boolean setOut,
      @Nullable Integer most) {}

  /** The sheets of a handout as PDF, filled in and seen. */
  byte[] pile(long handout, StandInRequest request) {
    long seed = request.seed() == null ? handout : request.seed();
    Random random = new Random(seed);
    Map<Long, List<SimulatedPage>> written =
        simulation.pages(handout, new SimulatedRequest(null, seed, request.most())).stream()
            .collect(Collectors.groupingBy(SimulatedPage::pupil));
    if (written.isEmpty()) {
      throw RefusedException.of("all-answered");
    }
    boolean setOut = Boolean.TRUE.equals(request.setOut());
    CopiesRequest look =
        setOut
            ? CopiesRequest.plain(SET_OUT_SQUARE, Exercise.Layout.SET_OUT)
            : CopiesRequest.plain(SQUARE, Exercise.Layout.LINE);
    try (PDDocument printed = Loader.loadPDF(sheets.pdf(handout, look));
        PDDocument pile = new PDDocument()) {
      PDFRenderer renderer = new PDFRenderer(printed);
      for (int page = 0; page < printed.getNumberOfPages(); page++) {
        GreyPicture empty =
            GreyPicture.of(
                renderer.renderImageWithDPI(
                    page, (float) (FilledSheet.DOTS * MILLIMETRES_AN_INCH), ImageType.GRAY));
        SheetCode code = Sight.code(empty).flatMap(SheetCode::read).orElseThrow();
        List<SimulatedPage> own = written.get(code.copy());
        if (own != null) {
          SheetTable table = book.of(code).orElseThrow();
          WritingHand hand = new StandInHand(seed + code.copy());
          Map<Integer, Worked> worked = worked(own);
          GreyPicture filled =
              setOut
                  ? FilledSheet.worked(empty, table, worked, hand)
                  : FilledSheet.answered(empty, table, answers(worked), hand);
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

  private static Map<Integer, Worked> worked(List<SimulatedPage> pages) {
    return pages.stream()
        .filter(page -> page.working().isPresent())
        .collect(Collectors.toMap(SimulatedPage::number, page -> worked(page)));
  }

  private static Worked worked(SimulatedPage page) {
    Slate slate = new Slate(page.sum(), SettingOut.GIVEN);
    return new Worked(slate.strokes(page.working().orElseThrow()), page.given());
  }

  private static Map<Integer, String> answers(Map<Integer, Worked> worked) {
    return worked.entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, each -> each.getValue().answer()));
  }

  private static GreyPicture seen(GreyPicture filled, StandInRequest request, Random random) {
    boolean photographed = Boolean.TRUE.equals(request.photographed());
    GreyPicture worn = Wear.worn(filled, FilledSheet.DOTS, photographed, random);
    View view = photographed ? View.byHand(random) : View.copied(random);
    return new Camera(view, filled.width() / FilledSheet.DOTS, filled.height() / FilledSheet.DOTS)
        .take(worn, random);
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
}
