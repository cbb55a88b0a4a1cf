package bemble.app.sets;

import bemble.app.export.Exercise;
import bemble.app.export.ExerciseSheets;
import bemble.app.export.MarkingList;
import bemble.app.export.PdfRequest;
import bemble.app.export.SetSheets;
import bemble.app.export.SheetTable;
import bemble.app.house.Classes;
import bemble.app.http.RefusedException;
import bemble.app.ladder.Ladders;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SheetPreview;
import bemble.app.sets.SetJson.SheetRequest;
import bemble.app.sets.SetJson.SlipName;
import bemble.app.sets.SetJson.SumView;
import bemble.app.sets.SetJson.WrongAnswer;
import bemble.app.words.Language;
import bemble.method.Sum;
import bemble.practice.Item;
import bemble.style.Style;
import bemble.words.Wording;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.springframework.stereotype.Service;

/** Puts sets on paper. */
@Service
public class SetPrinter {
  private static final Set<Integer> SQUARES = Set.of(5, 7, 10, 14);
  private static final int USUAL_SQUARE = 7;
  private static final int DOTS_AN_INCH = 72;

  /** Rows of a marking list for a class whose pupils are not known. */
  private static final int EMPTY_ROWS = 30;

  private final Drafts drafts;
  private final Classes classes;
  private final Ladders ladders;
  private final SetSheets sheets;
  private final SheetBook book;

  SetPrinter(Drafts drafts, Classes classes, Ladders ladders, SetSheets sheets, SheetBook book) {
    this.book = book;
    this.drafts = drafts;
    this.classes = classes;
    this.ladders = ladders;
    this.sheets = sheets;
  }

  byte[] pdf(SheetRequest request) {
    return pdf(request, book::codes);
  }

  /** What is printed, as a picture of one of its pages. */
  SheetPreview preview(SheetRequest request, int page) {
    try (PDDocument document = Loader.loadPDF(pdf(request, SheetBook::codesToLookAt))) {
      int pages = document.getNumberOfPages();
      int shown = Math.max(0, Math.min(page, pages - 1));
      BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(shown, DOTS_AN_INCH);
      ByteArrayOutputStream png = new ByteArrayOutputStream();
      ImageIO.write(picture, "png", png);
      return new SheetPreview(shown, pages, png.toByteArray());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What the codes of some sheets say. */
  private interface Codes {
    List<String> of(long set, String version, List<SheetTable> tables);
  }

  private byte[] pdf(SheetRequest request, Codes codes) {
    Style style = classes.currentStyle();
    List<Item> items = request.sums().stream().map(drafts::item).toList();
    List<Sum> sums = items.stream().map(item -> item.sum(style)).toList();
    PdfRequest.Size size = size(request);
    String title =
        request.version() == null ? request.title() : request.title() + " · " + request.version();
    SetWords words = new SetWords(style, ladders.current());
    Wording wording = Language.wording(style);
    return switch (request.kind()) {
      case EXERCISES -> exercises(request, title, sums, wording, codes);
      case ANSWERS ->
          sheets.lines(
              wording.label("sheet.answers", Map.of("title", title)),
              answers(items, words),
              size,
              2);
      case WALK_THROUGH -> sheets.workedOut(sums, size);
      case SLIP_KEY ->
          sheets.lines(
              wording.label("sheet.slip-key", Map.of("title", title)), key(items, words), size, 1);
      case MARKING_LIST ->
          sheets.markingList(
              wording.label("sheet.marking-list", Map.of("title", title)),
              Collections.nCopies(EMPTY_ROWS, MarkingList.Row.EMPTY),
              items.stream().map(words::answer).toList(),
              size);
    };
  }

  private byte[] exercises(
      SheetRequest request, String title, List<Sum> sums, Wording wording, Codes codes) {
    int square = request.square() == null ? USUAL_SQUARE : request.square();
    if (!SQUARES.contains(square)) {
      throw RefusedException.of("square-size");
    }
    Exercise.Room room =
        new Exercise.Room(
            !Boolean.TRUE.equals(request.withoutHeads()),
            Boolean.TRUE.equals(request.withCheck()) ? wording.label("sheet.check", Map.of()) : "",
            Boolean.TRUE.equals(request.withExplanation())
                ? wording.label("sheet.explain", Map.of())
                : "");
    Exercise.Layout layout = request.layout() == null ? Exercise.Layout.SET_OUT : request.layout();
    ExerciseSheets laid = ExerciseSheets.laid(sums, layout, room, size(request), square);
    long set = request.set() == null ? 0 : request.set();
    String version = request.version() == null ? "A" : request.version();
    return laid.drawn(
        title,
        wording.label("sheet.name-and-date", Map.of()),
        codes.of(set, version, laid.tables()));
  }

  private static PdfRequest.Size size(SheetRequest request) {
    return request.size() == null ? PdfRequest.Size.A4 : request.size();
  }

  private static List<String> answers(List<Item> items, SetWords words) {
    List<String> lines = new ArrayList<>();
    for (SumView sum : words.sums(items)) {
      lines.add(lines.size() + 1 + ".  " + sum.problem() + " = " + sum.answer());
    }
    return lines;
  }

  private static List<String> key(List<Item> items, SetWords words) {
    List<String> lines = new ArrayList<>();
    int number = 1;
    for (Item item : items) {
      KeyView key = words.key(item);
      lines.add(number++ + ".  " + key.problem() + " = " + key.answer());
      for (WrongAnswer wrong : key.wrong()) {
        String slips = wrong.slips().stream().map(SlipName::name).collect(Collectors.joining("; "));
        lines.add("\t" + wrong.answer() + "  " + slips);
      }
    }
    return lines;
  }
}
