package bemble.app.scan;

import bemble.app.export.SheetTable.TilePlace;
import bemble.app.file.PictureFolder;
import bemble.app.scan.WorkingReader.ReadFigure;
import bemble.app.scan.sight.Sight;
import bemble.ink.RowReading.Granted;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps what was read of a page of a pile. */
@Component
class ScanKeeper {
  private final ScanMapper mapper;
  private final PictureFolder pictures;
  private final TransactionOperations transactions;

  ScanKeeper(ScanMapper mapper, PictureFolder pictures, TransactionOperations transactions) {
    this.mapper = mapper;
    this.pictures = pictures;
    this.transactions = transactions;
  }

  /**
   * The result of a page: a problem, or its pupil and the sum of each of its tiles.
   *
   * @param replaced the pages whose place it takes
   */
  record Outcome(
      @Nullable ScanProblem problem,
      @Nullable Long sheet,
      @Nullable Long pupil,
      Map<Integer, TilePlace> tiles,
      List<Long> replaced) {
    static Outcome problem(ScanProblem problem) {
      return new Outcome(problem, null, null, Map.of(), List.of());
    }
  }

  /** Keeps a page with its answers and squares; gives its number. */
  long keep(
      ScanReader.Page page,
      Outcome outcome,
      Map<Integer, ReadAnswer> read,
      Map<Integer, List<ReadFigure>> workings) {
    ScanPageRow row =
        new ScanPageRow(
            0,
            page.scan(),
            page.file(),
            page.number(),
            outcome.problem() == null ? null : outcome.problem().name(),
            outcome.sheet(),
            outcome.pupil());
    return transactions.execute(
        status -> {
          for (long before : outcome.replaced()) {
            mapper.expect(page.scan(), -mapper.removePage(page.scan(), before));
          }
          long id = mapper.addPage(row);
          List<ScanFigureRow> figures = new ArrayList<>();
          read.forEach(
              (sum, answer) -> {
                TilePlace tile = Objects.requireNonNull(outcome.tiles().get(sum));
                add(id, sum, answer, tile);
                figures(id, sum, answer, tile).forEach(figures::add);
              });
          if (!figures.isEmpty()) {
            mapper.addFigures(figures);
          }
          List<ScanSquareRow> squares = new ArrayList<>();
          workings.forEach((sum, of) -> of.forEach(each -> squares.add(square(id, sum, each))));
          if (!squares.isEmpty()) {
            mapper.addSquares(squares);
          }
          return id;
        });
  }

  private static ScanSquareRow square(long page, int sum, ReadFigure read) {
    return new ScanSquareRow(
        page, sum, read.at().row(), read.at().column(), read.figure().orElse(null));
  }

  private void add(long page, int sum, ReadAnswer answer, TilePlace tile) {
    CutOuts.Squares shown = CutOuts.Squares.of(tile);
    boolean isAsked = answer.granted() == Granted.ASK;
    mapper.addAnswer(
        new ScanAnswerRow(
            page,
            sum,
            isAsked ? null : answer.text(),
            answer.granted().name(),
            answer.text(),
            answer.why() == null ? null : answer.why().name(),
            shown.right() - shown.left(),
            shown.bottom() - shown.top()));
  }

  private static Stream<ScanFigureRow> figures(
      long page, int sum, ReadAnswer answer, TilePlace tile) {
    CutOuts.Squares shown = CutOuts.Squares.of(tile);
    return answer.sure().stream()
        .map(
            sure ->
                new ScanFigureRow(
                    page,
                    sum,
                    sure.figure(),
                    sure.square().column() - shown.left(),
                    sure.square().row() - shown.top()));
  }

  /** Keeps the pictures of a page. */
  void keep(long page, Sight.Flat flat, Map<Integer, TilePlace> tiles) {
    CutOuts cutOuts = new CutOuts(flat);
    pictures.put(page, CutOuts.SHEET, cutOuts.sheet());
    pictures.put(page, CutOuts.WRITER, cutOuts.writer());
    tiles.forEach(
        (number, tile) -> {
          pictures.put(page, CutOuts.answer(number), cutOuts.answer(tile));
          pictures.put(page, CutOuts.band(number), cutOuts.band(tile));
          if (tile.setOutAs() != null) {
            pictures.put(page, CutOuts.squares(number), cutOuts.squares(tile));
          }
        });
  }
}
