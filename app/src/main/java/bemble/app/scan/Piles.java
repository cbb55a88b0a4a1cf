package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.file.PictureFolder;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.marking.HandoutMapper;
import bemble.app.refusal.MissingException;
import bemble.app.scan.ScanJson.PlacedAnswer;
import bemble.app.scan.ScanJson.ScanAnswerView;
import bemble.app.scan.ScanJson.ScanPageView;
import bemble.app.scan.ScanJson.ScanState;
import bemble.app.scan.ScanJson.ScanView;
import bemble.app.scan.ScanJson.WallFigure;
import bemble.app.scan.ScanJson.WriterView;
import bemble.app.scan.sight.Sight;
import bemble.app.sets.SheetBook;
import bemble.ink.RowReading.Granted;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Piles of filled sheets as they are shown: what was read of each page, and where. */
@Component
class Piles {
  private final ScanMapper mapper;
  private final HandoutMapper handouts;
  private final ScanQueue queue;
  private final SheetBook sheets;
  private final PictureFolder pictures;
  private final Roll roll;

  Piles(
      ScanMapper mapper,
      HandoutMapper handouts,
      ScanQueue queue,
      SheetBook sheets,
      PictureFolder pictures,
      Roll roll) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.queue = queue;
    this.sheets = sheets;
    this.pictures = pictures;
    this.roll = roll;
  }

  /** The piles of a handout that are not taken yet. */
  List<ScanView> of(long handout) {
    return mapper.of(handout).stream().map(this::view).toList();
  }

  ScanView open(long id) {
    return view(find(id));
  }

  ScanRow find(long id) {
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

  ScanPageRow page(long id, long page) {
    return mapper.pages(id).stream()
        .filter(each -> each.id() == page)
        .findFirst()
        .orElseThrow(() -> new MissingException("scan"));
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
}
