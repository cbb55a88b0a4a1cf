package bemble.app.sets;

import bemble.app.export.Exercise;
import bemble.app.export.ExerciseSheets;
import bemble.app.export.ExerciseSheets.Copy;
import bemble.app.export.MarkingList;
import bemble.app.export.PdfRequest;
import bemble.app.export.SetSheets;
import bemble.app.export.SheetTable;
import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SheetExtras;
import bemble.app.sets.SetJson.SheetFormat;
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
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.jspecify.annotations.Nullable;
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
  private final ObjectMapper json;

  SetPrinter(
      Drafts drafts,
      Classes classes,
      Ladders ladders,
      SetSheets sheets,
      SheetBook book,
      ObjectMapper json) {
    this.json = json;
    this.book = book;
    this.drafts = drafts;
    this.classes = classes;
    this.ladders = ladders;
    this.sheets = sheets;
  }

  byte[] pdf(SheetRequest request) {
    return pdf(request, List.of(), tables -> book.keep(setOf(request), 0, tables));
  }

  /**
   * A copy of exercise sheets for each of some pupils.
   *
   * @param handout the handout that has these sums
   */
  public byte[] copies(SheetRequest request, long handout, List<Writer> writers) {
    return pdf(request, writers, tables -> book.keep(setOf(request), handout, tables));
  }

  /**
   * Whose copy a sheet is.
   *
   * @param number in the class, from 1
   * @param name left out where it is not to be printed
   */
  public record Writer(long pupil, int number, Optional<String> name) {}

  private static long setOf(SheetRequest request) {
    return request.set() == null ? 0 : request.set();
  }

  /** A page of the print, as a picture. */
  SheetPreview preview(SheetRequest request, int page) {
    try (PDDocument document = Loader.loadPDF(toLookAt(request))) {
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

  private byte[] toLookAt(SheetRequest request) {
    return pdf(
        request, List.of(), tables -> Collections.nCopies(tables.size(), SheetCode.TO_LOOK_AT));
  }

  /** The codes of some sheets. */
  private interface Codes {
    List<SheetCode> of(List<SheetTable> tables);
  }

  private byte[] pdf(SheetRequest request, List<Writer> writers, Codes codes) {
    Style style = classes.currentStyle();
    List<Item> items = request.sums().stream().map(drafts::item).toList();
    List<Sum> sums = items.stream().map(item -> item.sum(style)).toList();
    PdfRequest.Size size = size(request);
    String title =
        request.version() == null ? request.title() : request.title() + " · " + request.version();
    SetWords words = new SetWords(style, ladders.current());
    Wording wording = Language.wording(style);
    return switch (request.kind()) {
      case EXERCISES -> exercises(request, title, sums, writers, codes);
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
      SheetRequest request, String title, List<Sum> sums, List<Writer> writers, Codes codes) {
    Wording wording = Language.wording(classes.currentStyle());
    SheetFormat format = format(request);
    int square = format.square() == null ? USUAL_SQUARE : format.square();
    if (!SQUARES.contains(square)) {
      throw RefusedException.of("square-size");
    }
    SheetExtras extras = request.extras() == null ? SheetExtras.NONE : request.extras();
    Exercise.Room room =
        new Exercise.Room(
            !Boolean.TRUE.equals(extras.withoutHeads()),
            said(extras.withCheck(), wording, "sheet.check"),
            said(extras.withExplanation(), wording, "sheet.explain"),
            said(extras.withNewAnswer(), wording, "sheet.new-answer"),
            said(extras.withFigures(), wording, "sheet.figures"));
    Exercise.Words words =
        new Exercise.Words(
            wording.label("sheet.answer", Map.of()), wording.label("sheet.remainder", Map.of()));
    Exercise.Layout layout = format.layout() == null ? Exercise.Layout.SET_OUT : format.layout();
    ExerciseSheets laid = ExerciseSheets.laid(sums, layout, room, words, size(request), square);
    List<SheetCode> kept =
        codes.of(laid.tables(json.valueToTree(classes.currentStyle()), writers.isEmpty()));
    return laid.drawn(title, copies(wording, writers, kept));
  }

  private static String said(@Nullable Boolean asked, Wording wording, String key) {
    return Boolean.TRUE.equals(asked) ? wording.label(key, Map.of()) : "";
  }

  /** The copies that some pupils get, or one for anybody. */
  private static List<Copy> copies(Wording wording, List<Writer> writers, List<SheetCode> codes) {
    String name = wording.label("sheet.name-and-date", Map.of());
    if (writers.isEmpty()) {
      String number = wording.label("sheet.your-number", Map.of());
      return List.of(new Copy(name, number, true, codes.stream().map(SheetCode::text).toList()));
    }
    return writers.stream()
        .map(
            writer ->
                new Copy(
                    writer
                        .name()
                        .map(said -> wording.label("sheet.of-pupil", Map.of("name", said)))
                        .orElse(name),
                    wording.label("sheet.number", Map.of("number", writer.number())),
                    false,
                    codes.stream().map(code -> code.copyFor(writer.pupil()).text()).toList()))
        .toList();
  }

  private static SheetFormat format(SheetRequest request) {
    return request.format() == null ? SheetFormat.USUAL : request.format();
  }

  private static PdfRequest.Size size(SheetRequest request) {
    PdfRequest.Size size = format(request).size();
    return size == null ? PdfRequest.Size.A4 : size;
  }

  private static List<String> answers(List<Item> items, SetWords words) {
    List<String> lines = new ArrayList<>();
    for (SumView sum : words.sums(items)) {
      lines.add(lines.size() + 1 + ".  " + sum.sum().problem() + " = " + sum.answer());
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
