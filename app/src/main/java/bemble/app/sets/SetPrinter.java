package bemble.app.sets;

import bemble.app.export.PdfRequest;
import bemble.app.export.SetSheets;
import bemble.app.house.Classes;
import bemble.app.http.RefusedException;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SheetRequest;
import bemble.app.sets.SetJson.SlipName;
import bemble.app.sets.SetJson.SumView;
import bemble.app.sets.SetJson.WrongAnswer;
import bemble.method.Sum;
import bemble.practice.Item;
import bemble.style.Style;
import bemble.wording.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Puts sets on paper. */
@Service
public class SetPrinter {
  private static final Set<Integer> SQUARES = Set.of(5, 7, 10, 14);
  private static final int USUAL_SQUARE = 7;

  private final Drafts drafts;
  private final Classes classes;
  private final SetSheets sheets;

  SetPrinter(Drafts drafts, Classes classes, SetSheets sheets) {
    this.drafts = drafts;
    this.classes = classes;
    this.sheets = sheets;
  }

  byte[] pdf(SheetRequest request) {
    Style style = classes.currentStyle();
    List<Item> items = request.sums().stream().map(drafts::item).toList();
    List<Sum> sums = items.stream().map(item -> item.sum(style)).toList();
    PdfRequest.Size size = request.size() == null ? PdfRequest.Size.A4 : request.size();
    String title =
        request.version() == null ? request.title() : request.title() + " · " + request.version();
    SetWords words = new SetWords(style);
    Wording wording = new Wording(style);
    return switch (request.kind()) {
      case EXERCISES -> {
        int square = request.square() == null ? USUAL_SQUARE : request.square();
        if (!SQUARES.contains(square)) {
          throw RefusedException.of("square-size");
        }
        String heading = wording.label("sheet.exercises", Map.of("title", title));
        yield sheets.exercises(heading, sums, size, square);
      }
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
    };
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
