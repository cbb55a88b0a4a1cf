package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.file.DataReplaced;
import bemble.app.file.Erased;
import bemble.app.file.PictureFolder;
import bemble.app.house.PupilDeleted;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.marking.AnswerBook;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.PaperAnswers;
import bemble.app.marking.PaperAnswers.PaperPage;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.ScanJson.PlacedAnswer;
import bemble.app.scan.ScanJson.ScanAnswerView;
import bemble.app.scan.ScanJson.ScanPageView;
import bemble.app.scan.ScanJson.ScanState;
import bemble.app.scan.ScanJson.ScanView;
import bemble.app.scan.ScanJson.SettledAnswer;
import bemble.app.scan.ScanJson.WallFigure;
import bemble.app.scan.ScanJson.WriterView;
import bemble.app.scan.sight.Sight;
import bemble.app.sets.SheetBook;
import bemble.ink.RowReading.Granted;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Piles of filled sheets: read one page after another, settled, and taken into the grid. */
@Service
class Scans {
  private final ScanMapper mapper;
  private final HandoutMapper handouts;
  private final AnswerBook answers;
  private final PaperAnswers papers;
  private final ReadWorkings workings;
  private final ScanQueue queue;
  private final SheetBook sheets;
  private final KeptSheets kept;
  private final PictureFolder pictures;
  private final Roll roll;
  private final TransactionOperations transactions;

  Scans(
      ScanMapper mapper,
      HandoutMapper handouts,
      AnswerBook answers,
      PaperAnswers papers,
      ReadWorkings workings,
      ScanQueue queue,
      SheetBook sheets,
      KeptSheets kept,
      PictureFolder pictures,
      Roll roll,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.answers = answers;
    this.papers = papers;
    this.workings = workings;
    this.queue = queue;
    this.sheets = sheets;
    this.kept = kept;
    this.pictures = pictures;
    this.roll = roll;
    this.transactions = transactions;
  }

  /** The piles of a handout that are not taken yet. */
  List<ScanView> of(long handout) {
    return mapper.of(handout).stream().map(this::view).toList();
  }

  ScanView open(long id) {
    return view(find(id));
  }

  private ScanRow find(long id) {
    return mapper.find(id).orElseThrow(() -> new MissingException("scan"));
  }

  private ScanView view(ScanRow scan) {
    Map<Long, List<ScanAnswerRow>> found =
        mapper.answers(scan.id()).stream().collect(Collectors.groupingBy(ScanAnswerRow::pageId));
    Map<Long, Map<Integer, Long>> unread = unread(scan.id());
    List<ScanPageView> pages = new ArrayList<>();
    for (ScanPageRow page : mapper.pages(scan.id())) {
      Map<Integer, Long> ofPage = unread.getOrDefault(page.id(), Map.of());
      List<ScanAnswerView> of =
          found.getOrDefault(page.id(), List.of()).stream()
              .map(answer -> view(answer, ofPage.get(answer.number())))
              .toList();
      String problem =
          page.problem() == null ? null : ScanProblem.valueOf(page.problem()).sentence();
      pages.add(
          new ScanPageView(page.id(), page.file(), page.number(), problem, page.pupilId(), of));
    }
    ScanState state = ScanState.READ;
    if (queue.isReading(scan.id())) {
      state = ScanState.READING;
    } else if (pages.size() < scan.expected()) {
      state = ScanState.STOPPED;
    }
    return new ScanView(
        scan.id(),
        scan.handoutId(),
        state,
        scan.expected(),
        pages,
        writers(scan.handoutId()),
        scan.lookedThrough().chars().map(figure -> figure - '0').boxed().toList());
  }

  /** How many squares of each working could not be read, by page and sum. */
  private Map<Long, Map<Integer, Long>> unread(long scan) {
    return mapper.unread(scan).stream()
        .collect(
            Collectors.groupingBy(
                UnreadRow::pageId, Collectors.toMap(UnreadRow::number, UnreadRow::unread)));
  }

  private static ScanAnswerView view(ScanAnswerRow answer, @Nullable Long unread) {
    String why = answer.doubt() == null ? null : AskedWhy.valueOf(answer.doubt()).words();
    return new ScanAnswerView(
        answer.number(),
        answer.given(),
        Granted.valueOf(answer.state()),
        answer.readAs(),
        why,
        unread);
  }

  private List<WriterView> writers(long handout) {
    List<PupilRow> pupils = handouts.pupils(handout);
    Map<Long, Integer> numbers =
        pupils.isEmpty() ? Map.of() : roll.numbers(pupils.get(0).classId());
    List<WriterView> writers = new ArrayList<>();
    for (PupilRow pupil : pupils) {
      Integer number = numbers.get(pupil.id());
      if (number != null) {
        writers.add(new WriterView(pupil.id(), number, pupil.name()));
      }
    }
    return writers;
  }

  /** A picture of a page of a pile. */
  byte[] picture(long id, long page, String name) {
    page(id, page);
    return pictures.find(page, name).orElseThrow(() -> new MissingException("scan-picture"));
  }

  /** Where the answers of a page stand on it. */
  List<PlacedAnswer> places(long id, long page) {
    Long sheet = page(id, page).sheetId();
    if (sheet == null) {
      throw new MissingException("scan-picture");
    }
    SheetTable table = sheets.table(sheet);
    List<PlacedAnswer> places = new ArrayList<>();
    ScanReader.tiles(handouts.sums(find(id).handoutId()), table)
        .forEach((sum, tile) -> places.add(place(sum, tile, table)));
    return places;
  }

  private static PlacedAnswer place(int sum, TilePlace tile, SheetTable table) {
    CutOuts.Squares shown = CutOuts.Squares.of(tile);
    double across = table.across() + 2 * Sight.EDGE;
    double down = table.down() + 2 * Sight.EDGE;
    return new PlacedAnswer(
        sum,
        (tile.ruling().leftOf(shown.left()) + Sight.EDGE) / across,
        (tile.ruling().topOf(shown.top()) + Sight.EDGE) / down,
        (tile.ruling().leftOf(shown.right()) + Sight.EDGE) / across,
        (tile.ruling().topOf(shown.bottom()) + Sight.EDGE) / down);
  }

  private ScanPageRow page(long id, long page) {
    return mapper.pages(id).stream()
        .filter(each -> each.id() == page)
        .findFirst()
        .orElseThrow(() -> new MissingException("scan"));
  }

  /** Keeps answers as a teacher read them; refuses those that the grid would refuse. */
  ScanView settle(long id, List<SettledAnswer> settled) {
    ScanRow scan = find(id);
    Set<Long> pages = mapper.pages(id).stream().map(ScanPageRow::id).collect(Collectors.toSet());
    for (SettledAnswer answer : settled) {
      if (!pages.contains(answer.page())) {
        throw new MissingException("scan");
      }
      if (answer.text() != null) {
        answers.refuseUnreadable(scan.handoutId(), answer.sum(), answer.text());
      }
    }
    transactions.executeWithoutResult(
        status -> {
          for (SettledAnswer answer : settled) {
            mapper.settle(answer.page(), answer.sum(), answer.text());
          }
        });
    return open(id);
  }

  /** All figures of a pile that were taken for sure and read alike. */
  List<WallFigure> wall(long id, int figure) {
    find(id);
    Map<List<Object>, ScanAnswerRow> answers =
        mapper.answers(id).stream()
            .collect(
                Collectors.toMap(
                    answer -> List.of(answer.pageId(), answer.number()), Function.identity()));
    return mapper.figures(id, figure).stream()
        .flatMap(
            row ->
                Optional.ofNullable(answers.get(List.<Object>of(row.pageId(), row.number())))
                    .map(answer -> wall(row, answer))
                    .stream())
        .toList();
  }

  private static WallFigure wall(ScanFigureRow row, ScanAnswerRow answer) {
    double around = 2 * CutOuts.AROUND;
    return new WallFigure(
        row.pageId(),
        row.number(),
        row.atColumn() + CutOuts.AROUND,
        row.atRow() + CutOuts.AROUND,
        answer.across() + around,
        answer.down() + around);
  }

  /** Notes that a teacher has looked at all answers with a figure side by side. */
  ScanView lookThrough(long id, int figure) {
    ScanRow scan = find(id);
    String before = scan.lookedThrough();
    if (!before.contains(String.valueOf(figure))) {
      mapper.lookThrough(id, before + figure);
    }
    return open(id);
  }

  /** Notes whose a page is that does not say so itself. */
  ScanView give(long id, long page, long pupil) {
    ScanRow scan = find(id);
    ScanPageRow row = page(id, page);
    boolean isThere =
        handouts.pupils(scan.handoutId()).stream()
            .map(PupilRow::id)
            .anyMatch(each -> each == pupil);
    if (!isThere) {
      throw RefusedException.of("no-cell");
    }
    boolean isTwice =
        mapper.pages(id).stream()
            .anyMatch(
                each ->
                    each.id() != page
                        && Optional.of(pupil).equals(Optional.ofNullable(each.pupilId()))
                        && Objects.equals(each.sheetId(), row.sheetId()));
    if (isTwice) {
      throw RefusedException.of("scan-pupil-twice");
    }
    mapper.give(page, pupil);
    return open(id);
  }

  /** Takes a page out of a pile. */
  ScanView remove(long id, long page) {
    find(id);
    mapper.expect(id, -mapper.removePage(id, page));
    kept.sweep();
    return open(id);
  }

  /**
   * Puts the settled answers into the grid and deletes them with their pictures. Answers that are
   * not settled stay, and so do those that the grid refuses.
   *
   * @param keepUntil the last day on which the pictures are kept; they are not if left out
   */
  CellsView take(long id, @Nullable LocalDate keepUntil) {
    kept.refuse(keepUntil);
    ScanView scan = open(id);
    if (scan.state() == ScanState.READING) {
      throw RefusedException.of("scan-reading");
    }
    List<CellRequest> cells = cells(scan);
    List<CellRequest> wrong = papers.wrong(scan.handout(), cells);
    // Judging takes its time: nothing is held up by it.
    List<PaperPage> pages = workings.telling(find(id), wrong);
    CellsView taken = transactions.execute(status -> take(scan, cells, pages, keepUntil));
    kept.sweep();
    return taken;
  }

  private static List<CellRequest> cells(ScanView scan) {
    List<CellRequest> cells = new ArrayList<>();
    for (ScanPageView page : scan.pages()) {
      for (ScanAnswerView answer : page.answers()) {
        if (page.pupil() != null && answer.text() != null) {
          cells.add(new CellRequest(page.pupil(), answer.sum(), answer.text(), null, null));
        }
      }
    }
    return cells;
  }

  private CellsView take(
      ScanView scan,
      List<CellRequest> cells,
      List<PaperPage> pages,
      @Nullable LocalDate keepUntil) {
    CellsView put = papers.take(scan.handout(), cells, pages);
    for (ScanPageView page : scan.pages()) {
      for (CellView cell : put.kept()) {
        if (page.pupil() != null && page.pupil() == cell.pupil()) {
          mapper.removeAnswer(page.id(), cell.number());
        }
      }
    }
    kept.keep(scan.id(), keepUntil);
    mapper.expect(scan.id(), -mapper.removeEmptyPages(scan.id()));
    if (mapper.pages(scan.id()).isEmpty()) {
      mapper.delete(scan.id());
    }
    return put;
  }

  /** Gives a pile up. */
  void delete(long id) {
    find(id);
    mapper.delete(id);
    kept.sweep();
  }

  @EventListener({PupilDeleted.class, Erased.class, DataReplaced.class})
  void sweepAfterwards() {
    kept.sweep();
  }

  /** Deletes the leavings of a Bemble that was killed. */
  @EventListener(ApplicationReadyEvent.class)
  void sweepAtStart() {
    pictures.forgetReceived();
    kept.sweep();
  }
}
