package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.HandoutSumRow;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.PaperAnswers.PaperPage;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.ScanJson.ReadWorking;
import bemble.app.scan.ScanJson.SettledSquare;
import bemble.app.sets.SheetBook;
import bemble.app.slate.PaperPages;
import bemble.paper.Square;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** The workings of filled sheets, square by square: looked at, settled, and judged. */
@Service
class ReadWorkings {
  private final ScanMapper mapper;
  private final HandoutMapper handouts;
  private final SheetBook sheets;
  private final SetOutSums sums;
  private final PaperPages pages;
  private final TransactionOperations transactions;

  ReadWorkings(
      ScanMapper mapper,
      HandoutMapper handouts,
      SheetBook sheets,
      SetOutSums sums,
      PaperPages pages,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.sheets = sheets;
    this.sums = sums;
    this.pages = pages;
    this.transactions = transactions;
  }

  /**
   * A working whose sum is set out on squares, as far as it is read.
   *
   * @param ofAnswer the squares that the answer fills as it was settled
   */
  private record Working(Slate slate, TilePlace tile, List<Stroke> strokes, Set<Square> ofAnswer) {}

  /** The figures that were read of a working, and the judge's report on them. */
  ReadWorking of(long scan, long page, int sum) {
    Working working = find(scan, page, sum);
    TilePlace tile = working.tile();
    return new ReadWorking(
        pages.look(working.slate(), working.strokes()),
        tile.ruling().firstRow(),
        tile.ruling().firstColumn(),
        tile.ruling().rows(),
        tile.ruling().columns());
  }

  /** Keeps the figures that a teacher sees in some squares. */
  ReadWorking settle(long scan, long page, int sum, List<SettledSquare> settled) {
    Working working = find(scan, page, sum);
    TilePlace tile = working.tile();
    Set<Square> left = WorkingSquares.of(tile, working.slate()).leftAside();
    for (SettledSquare square : settled) {
      Square at = new Square(square.row(), square.column());
      if (!WorkingSquares.isIn(at, tile) || left.contains(at)) {
        throw RefusedException.of("scan-no-square");
      }
      if (working.ofAnswer().contains(at)) {
        throw RefusedException.of("scan-answer-square");
      }
    }
    transactions.executeWithoutResult(
        status -> {
          for (SettledSquare square : settled) {
            ScanSquareRow row =
                new ScanSquareRow(page, sum, square.row(), square.column(), square.figure());
            mapper.clearSquare(row);
            if (!Boolean.TRUE.equals(square.blank())) {
              mapper.addSquares(List.of(row));
            }
          }
        });
    return of(scan, page, sum);
  }

  private Working find(long id, long page, int sum) {
    ScanRow scan = mapper.find(id).orElseThrow(() -> new MissingException("scan"));
    ScanAnswerRow answer =
        mapper.answer(id, page, sum).orElseThrow(() -> new MissingException("scan"));
    ScanPageRow row = page(mapper.pages(id), page);
    List<ScanSquareRow> squares = mapper.workingSquares(page, sum);
    return working(handouts.sums(scan.handoutId()), row, answer, squares)
        .orElseThrow(() -> new MissingException("scan-working"));
  }

  private static ScanPageRow page(List<ScanPageRow> rows, long page) {
    return rows.stream().filter(row -> row.id() == page).findFirst().orElseThrow();
  }

  private Optional<Working> working(
      List<HandoutSumRow> of, ScanPageRow page, ScanAnswerRow answer, List<ScanSquareRow> squares) {
    if (page.sheetId() == null || squares.isEmpty()) {
      return Optional.empty();
    }
    SheetTable table = sheets.table(page.sheetId());
    TilePlace tile = Objects.requireNonNull(ScanReader.tiles(of, table).get(answer.number()));
    return sums.slate(table, tile)
        .filter(Slate::isOfFigures)
        .map(
            slate ->
                new Working(
                    slate,
                    tile,
                    strokes(squares, tile, answer.given()),
                    settled(tile, answer.given()).keySet()));
  }

  /** The figures in the squares; in those of the answer, the figures that were settled. */
  private static List<Stroke> strokes(
      List<ScanSquareRow> squares, TilePlace tile, @Nullable String given) {
    Map<Square, String> settled = settled(tile, given);
    List<Stroke> strokes = new ArrayList<>();
    for (ScanSquareRow square : squares) {
      Square at = new Square(square.rowAt(), square.columnAt());
      if (!settled.containsKey(at)) {
        strokes.add(
            square.figure() == null
                ? new Stroke(Stroke.Kind.UNREAD, at, "")
                : new Stroke(Stroke.Kind.FIGURE, at, String.valueOf(square.figure())));
      }
    }
    settled.forEach(
        (at, figure) -> {
          if (!figure.isEmpty()) {
            strokes.add(new Stroke(Stroke.Kind.FIGURE, at, figure));
          }
        });
    return strokes;
  }

  /** The figures of an answer by their squares, from its first figure on. */
  private static Map<Square, String> settled(TilePlace tile, @Nullable String given) {
    Map<Square, String> settled = new HashMap<>();
    String number = given == null ? "" : given.split(" ", 2)[0];
    List<ReadSquare> squares =
        tile.squares().stream().filter(square -> square.part() == Part.ANSWER).toList();
    long places = squares.stream().map(ReadSquare::place).distinct().count();
    boolean fits =
        places == squares.size()
            && number.matches("\\d+")
            && squares.stream().anyMatch(square -> square.place() == number.length() - 1);
    if (fits) {
      for (ReadSquare square : squares) {
        int from = number.length() - 1 - square.place();
        settled.put(square.at(), from < 0 ? "" : number.substring(from, from + 1));
      }
    }
    return settled;
  }

  /** The workings of some answers, if they tell something about their writers. */
  List<PaperPage> telling(ScanRow scan, List<CellRequest> answers) {
    List<HandoutSumRow> of = handouts.sums(scan.handoutId());
    Map<Long, ScanPageRow> rows =
        mapper.pages(scan.id()).stream().collect(Collectors.toMap(ScanPageRow::id, row -> row));
    Map<Long, Map<Integer, List<ScanSquareRow>>> squares =
        mapper.squares(scan.id()).stream()
            .collect(
                Collectors.groupingBy(
                    ScanSquareRow::pageId, Collectors.groupingBy(ScanSquareRow::number)));
    List<PaperPage> telling = new ArrayList<>();
    for (ScanAnswerRow answer : mapper.answers(scan.id())) {
      ScanPageRow row = Objects.requireNonNull(rows.get(answer.pageId()));
      Long pupil = row.pupilId();
      List<ScanSquareRow> here =
          squares.getOrDefault(answer.pageId(), Map.of()).getOrDefault(answer.number(), List.of());
      if (pupil != null && answers.stream().anyMatch(cell -> isOf(cell, pupil, answer))) {
        working(of, row, answer, here)
            .flatMap(working -> pages.telling(working.slate(), working.strokes()))
            .map(page -> new PaperPage(pupil, answer.number(), page))
            .ifPresent(telling::add);
      }
    }
    return telling;
  }

  private static boolean isOf(CellRequest cell, long pupil, ScanAnswerRow answer) {
    return cell.pupil() == pupil
        && cell.number() == answer.number()
        && Objects.equals(cell.given(), answer.given());
  }
}
