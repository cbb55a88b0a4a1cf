package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.file.PictureFolder;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.PictureFile;
import bemble.app.scan.sight.PictureFile.UnusablePictureException;
import bemble.app.scan.sight.Sight;
import bemble.app.sets.SheetBook;
import bemble.app.sets.SheetCode;
import bemble.app.store.HandoutMapper;
import bemble.app.store.HandoutSumRow;
import bemble.app.store.PupilRow;
import bemble.app.store.ScanMapper;
import bemble.app.store.ScanPageRow;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Reads a page of a pile: which sheet it is, whose, and a cut-out of each of its answers. */
@Component
class ScanReader {
  private final ScanMapper mapper;
  private final HandoutMapper handouts;
  private final SheetBook sheets;
  private final PictureFolder pictures;
  private final TransactionOperations transactions;

  ScanReader(
      ScanMapper mapper,
      HandoutMapper handouts,
      SheetBook sheets,
      PictureFolder pictures,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.sheets = sheets;
    this.pictures = pictures;
    this.transactions = transactions;
  }

  /** A page of a file that belongs to a pile. */
  record Page(long scan, long handout, String file, int number) {}

  /** What came of a page: a problem, or whose it is and which of its tiles is which sum. */
  private record Outcome(
      @Nullable ScanProblem problem,
      @Nullable Long sheet,
      @Nullable Long pupil,
      Map<Integer, TilePlace> tiles) {
    static Outcome problem(ScanProblem problem) {
      return new Outcome(problem, null, null, Map.of());
    }
  }

  /** Reads a page of an open file and keeps what came of it. */
  void read(Page page, PictureFile file) {
    try {
      GreyPicture picture = file.page(page.number() - 1);
      Sight.Seen seen = Sight.look(picture, text -> SheetCode.read(text).flatMap(sheets::of));
      keep(page, seen);
    } catch (UnusablePictureException e) {
      add(page, Outcome.problem(ScanProblem.DAMAGED));
    }
  }

  private void keep(Page page, Sight.Seen seen) {
    if (seen instanceof Sight.NoSheet none) {
      boolean isOurs = none.foreign().flatMap(SheetCode::read).isPresent();
      add(page, Outcome.problem(isOurs ? ScanProblem.OTHER_HOUSE : ScanProblem.NO_SHEET));
    } else if (seen instanceof Sight.CutOff) {
      add(page, Outcome.problem(ScanProblem.CUT_OFF));
    } else if (seen instanceof Sight.Flat flat) {
      SheetCode code = SheetCode.read(flat.code()).orElseThrow();
      Outcome outcome = outcome(page, code, flat.table());
      long id = add(page, outcome);
      if (outcome.problem() == null) {
        keepPictures(id, flat, outcome.tiles());
      }
    }
  }

  private Outcome outcome(Page page, SheetCode code, SheetTable table) {
    Map<Integer, TilePlace> tiles = tiles(handouts.sums(page.handout()), table);
    boolean isOthers = sheets.handout(code).filter(id -> id != page.handout()).isPresent();
    if (isOthers || tiles.size() < table.tiles().size()) {
      return Outcome.problem(ScanProblem.OTHER_HANDOUT);
    }
    Optional<Long> pupil =
        handouts.pupils(page.handout()).stream()
            .map(PupilRow::id)
            .filter(id -> id == code.copy())
            .findFirst();
    if (code.copy() != 0 && pupil.isEmpty()) {
      return Outcome.problem(ScanProblem.OTHER_PUPIL);
    }
    boolean isTwice =
        pupil.isPresent()
            && mapper.pages(page.scan()).stream()
                .anyMatch(
                    before ->
                        pupil.get().equals(before.pupilId())
                            && Long.valueOf(code.sheet()).equals(before.sheetId()));
    return isTwice
        ? Outcome.problem(ScanProblem.TWICE)
        : new Outcome(null, code.sheet(), pupil.orElse(null), tiles);
  }

  /** The tiles by the sum of the handout that they show; a handout may have a sum twice. */
  private static Map<Integer, TilePlace> tiles(List<HandoutSumRow> sums, SheetTable table) {
    Map<Integer, TilePlace> tiles = new LinkedHashMap<>();
    for (TilePlace tile : table.tiles()) {
      int number = tile.number() - 1;
      if (number < sums.size() && sums.get(number).plain().equals(tile.plain())) {
        tiles.put(number, tile);
      }
    }
    return tiles;
  }

  private long add(Page page, Outcome outcome) {
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
          long id = mapper.addPage(row);
          outcome.tiles().keySet().forEach(number -> mapper.addAnswer(id, number));
          return id;
        });
  }

  private void keepPictures(long page, Sight.Flat flat, Map<Integer, TilePlace> tiles) {
    CutOuts cutOuts = new CutOuts(flat);
    pictures.put(page, CutOuts.SHEET, cutOuts.sheet());
    pictures.put(page, CutOuts.WRITER, cutOuts.writer());
    tiles.forEach(
        (number, tile) -> {
          pictures.put(page, CutOuts.answer(number), cutOuts.answer(tile));
          pictures.put(page, CutOuts.band(number), cutOuts.band(tile));
        });
  }
}
