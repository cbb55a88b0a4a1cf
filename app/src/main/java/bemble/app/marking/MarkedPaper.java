package bemble.app.marking;

import bemble.app.export.CutOut;
import bemble.app.export.MarkingList;
import bemble.app.export.PdfRequest;
import bemble.app.export.SetSheets;
import bemble.app.house.PupilEntry;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.HandoutSum;
import bemble.app.marking.MarkingJson.PaperKind;
import bemble.app.marking.RecentWork.OfPupil;
import bemble.app.words.Language;
import bemble.diagnosis.Lately;
import bemble.diagnosis.Outcome;
import bemble.slip.Slip;
import bemble.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Puts a marked handout on paper: a list for the teacher, a small slip for each pupil. */
@Service
public class MarkedPaper {
  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final RecentWork recent;
  private final SetSheets sheets;

  MarkedPaper(HandoutMapper mapper, Handouts handouts, RecentWork recent, SetSheets sheets) {
    this.recent = recent;
    this.mapper = mapper;
    this.handouts = handouts;
    this.sheets = sheets;
  }

  /**
   * A handout as PDF. A small card names the right answers and asks about the others, but tells
   * none.
   */
  public byte[] pdf(long id, PaperKind kind, PdfRequest.Size size) {
    GridView grid = handouts.open(id);
    Map<Long, Map<Integer, CellView>> cells =
        grid.cells().stream()
            .collect(
                Collectors.groupingBy(
                    CellView::pupil, Collectors.toMap(CellView::number, cell -> cell)));
    if (kind == PaperKind.LIST) {
      List<MarkingList.Row> rows = new ArrayList<>();
      for (PupilEntry pupil : grid.pupils()) {
        rows.add(row(pupil, cells.getOrDefault(pupil.id(), Map.of()), grid.sums().size()));
      }
      List<String> answers = grid.sums().stream().map(HandoutSum::answer).toList();
      return sheets.markingList(grid.handout().title(), rows, answers, size);
    }
    HandoutRow handout = handouts.find(id);
    Marker marker = handouts.marker(handout);
    Map<Long, OfPupil> works = recent.upTo(handout.classId(), id, handout.givenOn());
    Lately lately = recent.lately(handout.classId());
    Map<Long, List<AnswerRow>> answers =
        mapper.answers(id).stream().collect(Collectors.groupingBy(AnswerRow::pupilId));
    List<CutOut> cards = new ArrayList<>();
    for (PupilEntry pupil : grid.pupils()) {
      List<AnswerRow> given = answers.getOrDefault(pupil.id(), List.of());
      if (asked(given) > 0) {
        PupilAnswers told =
            new PupilAnswers(
                id, works.getOrDefault(pupil.id(), OfPupil.NONE), handout.givenOn(), lately);
        cards.add(cutOut(pupil, grid, given, told, marker));
      }
    }
    return sheets.cutOuts(cards, size);
  }

  private static MarkingList.Row row(PupilEntry pupil, Map<Integer, CellView> cells, int sums) {
    List<String> texts = new ArrayList<>();
    for (int i = 0; i < sums; i++) {
      texts.add(cells.containsKey(i) ? text(cells.get(i)) : "");
    }
    return new MarkingList.Row(pupil.name(), texts);
  }

  private static String text(CellView cell) {
    return switch (cell.outcome()) {
      case RIGHT -> "+";
      case WRONG -> cell.given();
      case BLANK -> "o";
      case ABSENT -> "a";
      case LEFT_OUT -> "–";
    };
  }

  private static CutOut cutOut(
      PupilEntry pupil, GridView grid, List<AnswerRow> answers, PupilAnswers told, Marker marker) {
    Wording wording = Language.wording(marker.style());
    long right = count(answers, Outcome.RIGHT);
    String result = wording.label("cut-out.right", Map.of("right", right, "asked", asked(answers)));
    List<Integer> again =
        answers.stream()
            .filter(answer -> isToDoAgain(Outcome.valueOf(answer.outcome())))
            .map(AnswerRow::number)
            .toList();
    List<String> questions =
        told.printed().stream().limit(1).map(slip -> question(slip, wording)).toList();
    String sums =
        again.stream()
            .map(number -> number + 1 + ". " + grid.sums().get(number).problem())
            .map(CutOut::unbroken)
            .collect(Collectors.joining(" "));
    String numbers =
        again.stream().map(number -> String.valueOf(number + 1)).collect(Collectors.joining(", "));
    List<String> lines = new ArrayList<>(List.of(grid.handout().title()));
    List<String> brief = new ArrayList<>(lines);
    if (!again.isEmpty()) {
      lines.add(wording.label("cut-out.again", Map.of("sums", sums)));
      brief.add(wording.label("cut-out.again", Map.of("sums", numbers)));
    }
    lines.addAll(questions);
    brief.addAll(questions);
    return new CutOut(pupil.name(), result, lines, brief);
  }

  /** How many sums were asked of a pupil who was there. */
  private static long asked(List<AnswerRow> answers) {
    return answers.size() - count(answers, Outcome.LEFT_OUT) - count(answers, Outcome.ABSENT);
  }

  private static boolean isToDoAgain(Outcome outcome) {
    return outcome == Outcome.WRONG || outcome == Outcome.BLANK;
  }

  private static String question(Slip slip, Wording wording) {
    return wording.label("slip." + slip.named().id() + ".ask", Map.of());
  }

  private static long count(List<AnswerRow> answers, Outcome outcome) {
    return answers.stream().filter(answer -> answer.outcome().equals(outcome.name())).count();
  }
}
